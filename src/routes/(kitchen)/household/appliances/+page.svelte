<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import { checked } from '$lib/ui/kit/checked';
	import ApplianceFields from '$lib/ui/household/ApplianceFields.svelte';
	import { typedAppliances } from '$lib/present/typed-household';
	import { guardedForm } from '$lib/ui/kit/guarded-form.svelte';
	import Seen from '$lib/ui/kit/Seen.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, string>>(
		form && 'errors' in form && form.errors ? form.errors : {}
	);
	let busy = $state(false);
	const appliances = guardedForm(() => typedAppliances(data.house));
</script>

<svelte:head><title>{w.household.pageTitle}</title></svelte:head>

<PageHead title={w.household.parts.appliances} />
<form
	method="POST"
	action="?/save"
	class="grid items-start gap-5 lg:grid-cols-2"
	novalidate
	use:enhance={checked(
		async () => (await import('$lib/schemas/household')).appliancesSchema(data.habit),
		(found) => (errors = found),
		{ busy: (at) => (busy = at), saved: appliances.take }
	)}
>
	<ApplianceFields bind:typed={appliances.texts} {errors} habit={data.habit} />
	<Seen seen={appliances.seen} stale={form && 'stale' in form ? form.stale : undefined} />
	<div class="flex flex-wrap items-center gap-4">
		<Press type="submit" first disabled={busy}>{w.household.saveAppliances}</Press>
		{#if form && 'saved' in form}<span role="status" class="font-semibold">{w.household.saved}</span
			>{/if}
		<span class="quiet"> {w.household.appliancesEffect} </span>
	</div>
</form>
