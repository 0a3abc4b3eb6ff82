<script lang="ts">
	import * as w from '$lib/present/wording';
	import { chosenHabit } from '$lib/present/chosen-habit';
	import { enhance } from '$app/forms';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import { checked } from '$lib/ui/kit/checked';
	import KitchenFields from '$lib/ui/household/KitchenFields.svelte';
	import { typedKitchen } from '$lib/present/typed-household';
	import { guardedForm } from '$lib/ui/kit/guarded-form.svelte';
	import Seen from '$lib/ui/kit/Seen.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, string>>(
		form && 'errors' in form && form.errors ? form.errors : {}
	);
	let busy = $state(false);
	const kitchen = guardedForm(() => typedKitchen(data.house));
</script>

<svelte:head><title>{w.household.pageTitle}</title></svelte:head>

<PageHead title={w.household.heading} />
<form
	method="POST"
	action="?/kitchen"
	class="grid items-start gap-5 lg:grid-cols-2"
	novalidate
	use:enhance={checked(
		async () => {
			const { kitchenSchema } = await import('$lib/schemas/household');
			return kitchenSchema(chosenHabit(kitchen.texts, data.habit));
		},
		(found) => (errors = found),
		{ busy: (at) => (busy = at), saved: kitchen.take }
	)}
>
	<KitchenFields bind:typed={kitchen.texts} {errors} habit={data.habit} />
	<Seen seen={kitchen.seen} stale={form && 'stale' in form ? form.stale : undefined} />
	<div class="flex items-center gap-4">
		<Press type="submit" first disabled={busy}>{w.household.saveKitchen}</Press>
		{#if form && 'saved' in form}<span role="status" class="font-semibold">{w.household.saved}</span
			>{/if}
	</div>
</form>
