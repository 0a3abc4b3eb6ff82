<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { checked } from '$lib/ui/kit/checked';
	import ApplianceFields from '$lib/ui/household/ApplianceFields.svelte';
	import FreezerFields from '$lib/ui/household/FreezerFields.svelte';
	import KitchenFields from '$lib/ui/household/KitchenFields.svelte';
	import { typedAppliances, typedFreezer, typedKitchen } from '$lib/ui/household/typed-household';
	import Press from '$lib/ui/kit/Press.svelte';
	import { typedForm } from '$lib/ui/kit/typed-form.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, string>>(form?.errors ?? {});
	let busy = $state(false);
	const kitchen = typedForm(() => ({ ...typedKitchen(data.house), ...form?.typed }));
	const appliances = typedForm(() => ({ ...typedAppliances(data.house), ...form?.typed }));
	const freezer = typedForm(() => ({
		...typedFreezer(null, data.habit),
		name: w.start.freezer,
		shelves: 'top\nmiddle\nbottom',
		...form?.typed
	}));
	const hooks = { busy: (at: boolean) => (busy = at) };
	const show = (found: Record<string, string>) => (errors = found);
	const steps = [w.start.kitchenTitle, w.start.appliancesTitle, w.start.freezerStep];

	// the browser knows its own zone; UTC is only what a new household starts with
	$effect(() => {
		if (kitchen.texts.timeZone === 'UTC')
			kitchen.texts.timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
	});
</script>

<svelte:head><title>{w.start.pageTitle}</title></svelte:head>

<div class="mb-4 flex flex-wrap items-center justify-between gap-3">
	<h1>{w.start.heading({ step: steps[data.step - 1].toLowerCase() })}</h1>
	<form method="POST" action="?/later" use:enhance>
		<Press type="submit">{w.start.later}</Press>
	</form>
</div>
<ol class="mb-4 flex flex-wrap gap-x-6 gap-y-1" aria-label={w.start.steps}>
	{#each steps as name, i (name)}
		<li
			class={i + 1 === data.step ? 'font-bold' : 'quiet'}
			aria-current={i + 1 === data.step ? 'step' : undefined}
		>
			{#if i + 1 < data.step}<a href="/start?step={i + 1}">{i + 1}. {name}</a>{:else}{i + 1}. {name}{/if}
		</li>
	{/each}
</ol>

{#if data.step === 1}
	<form
		method="POST"
		action="?/kitchen"
		class="grid gap-5 lg:grid-cols-2"
		novalidate
		use:enhance={checked(
			async () => {
				const { chosenHabit, kitchenSchema } = await import('$lib/schemas/household');
				return kitchenSchema(chosenHabit(kitchen.texts, data.habit));
			},
			show,
			hooks
		)}
	>
		<KitchenFields bind:typed={kitchen.texts} {errors} habit={data.habit} />
		<div><Press type="submit" first disabled={busy}>{w.start.nextAppliances}</Press></div>
	</form>
{:else if data.step === 2}
	<form
		method="POST"
		action="?/appliances"
		class="grid gap-5 lg:grid-cols-2"
		novalidate
		use:enhance={checked(
			async () => (await import('$lib/schemas/household')).appliancesSchema(data.habit),
			show,
			hooks
		)}
	>
		<ApplianceFields bind:typed={appliances.texts} {errors} habit={data.habit} />
		<div class="flex flex-wrap items-center gap-4">
			<Press type="submit" first disabled={busy}>{w.start.nextFreezer}</Press>
			<span class="quiet">{w.start.appliancesHint}</span>
		</div>
	</form>
{:else}
	<form
		method="POST"
		action="?/freezer"
		class="plate grid max-w-3xl gap-4"
		novalidate
		use:enhance={checked(
			async () => (await import('$lib/schemas/household')).freezerSchema(data.habit),
			show,
			hooks
		)}
	>
		<h2>{w.start.freezerTitle}</h2>
		<FreezerFields bind:typed={freezer.texts} {errors} habit={data.habit} />
		<div><Press type="submit" first disabled={busy}>{w.start.done}</Press></div>
		<p class="quiet">{w.start.freezerHint}</p>
	</form>
{/if}
