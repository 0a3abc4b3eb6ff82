<script lang="ts">
	import * as w from '$lib/present/wording';
	import Field from '$lib/ui/kit/Field.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
</script>

<svelte:head><title>{w.signIn.pageTitle}</title></svelte:head>

<main>
	<h1>{w.signIn.title}</h1>
	<p class="quiet">{w.signIn.why}</p>
	<form method="POST" class="plate">
		<input type="hidden" name="to" value={data.to} />
		<Field
			name="passphrase"
			label={w.signIn.passphrase}
			type="password"
			autocomplete="current-password"
			required
			error={form?.message}
		/>
		<Press type="submit" first>{w.signIn.open}</Press>
	</form>
</main>

<style>
	main {
		display: grid;
		gap: 12px;
		max-width: 420px;
		margin: 12vh auto 0;
		padding: 0 16px;
	}
	form {
		display: grid;
		gap: 10px;
	}
</style>
