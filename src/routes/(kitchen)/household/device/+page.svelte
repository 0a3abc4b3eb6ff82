<script lang="ts">
	import * as w from '$lib/present/wording';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import { enhance } from '$app/forms';
	import Press from '$lib/ui/kit/Press.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import { look, type Look } from '$lib/ui/shell/look.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	$effect(() => look.read());
</script>

<svelte:head><title>{w.household.pageTitle}</title></svelte:head>

<PageHead title={w.household.thisDevice} />
<section class="grid max-w-[420px] gap-3">
	<Choice
		name="look"
		label={w.household.look}
		value={look.now}
		onchange={(event: Event) => look.set((event.currentTarget as HTMLSelectElement).value as Look)}
		items={[
			{ value: 'device', name: w.household.lookDevice },
			{ value: 'light', name: w.household.light },
			{ value: 'dark', name: w.household.dark }
		]}
	/>
	{#if data.hasPassphrase}
		<form method="POST" action="?/signOut" use:enhance>
			<p>{w.household.devicesSignIn}</p>
			<Press type="submit" look="quiet">{w.household.signOutAll}</Press>
			{#if form?.signedOut}<p role="status">{w.household.signedOut}</p>{/if}
		</form>
	{/if}
</section>
