<script lang="ts">
	import * as w from '$lib/present/wording';
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
		<label for="passphrase">{w.signIn.passphrase}</label>
		<input
			id="passphrase"
			name="passphrase"
			type="password"
			autocomplete="current-password"
			required
			aria-describedby={form?.message ? 'wrong' : undefined}
		/>
		{#if form?.message}<p id="wrong" class="entry-error" role="alert">{form.message}</p>{/if}
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
	input[type='password'] {
		min-height: 48px;
		padding: 0 12px;
		border: 2px solid var(--rim);
		border-radius: 6px;
		background: var(--enamel);
		color: var(--ink);
	}
</style>
