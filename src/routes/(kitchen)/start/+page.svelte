<script lang="ts">
	import * as w from '$lib/present/wording';
	import { chosenHabit } from '$lib/present/chosen-habit';
	import { enhance } from '$app/forms';
	import { checked } from '$lib/ui/kit/checked';
	import ApplianceFields from '$lib/ui/household/ApplianceFields.svelte';
	import FreezerFields from '$lib/ui/household/FreezerFields.svelte';
	import KitchenFields from '$lib/ui/household/KitchenFields.svelte';
	import { typedAppliances, typedFreezer, typedKitchen } from '$lib/present/typed-household';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import ShownSo from '$lib/ui/household/ShownSo.svelte';
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

<PageHead title={w.start.heading({ step: steps[data.step - 1].toLowerCase() })}>
	<form method="POST" action="?/later" use:enhance>
		<Press type="submit" look="quiet">{w.start.later}</Press>
	</form>
</PageHead>
<ol class="way" aria-label={w.start.steps}>
	{#each steps as name, i (name)}
		<li class:done={i + 1 < data.step} aria-current={i + 1 === data.step ? 'step' : undefined}>
			<span class="n">{i + 1}</span>
			{#if i + 1 < data.step}<a href="/start?step={i + 1}">{name}</a>{:else}{name}{/if}
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
				const { kitchenSchema } = await import('$lib/schemas/household');
				return kitchenSchema(chosenHabit(kitchen.texts, data.habit));
			},
			show,
			hooks
		)}
	>
		<KitchenFields bind:typed={kitchen.texts} {errors} habit={data.habit}>
			<ShownSo typed={kitchen.texts} habit={data.habit} />
		</KitchenFields>
		<div class="lg:col-span-2">
			<Press type="submit" first disabled={busy}>{w.start.nextAppliances}</Press>
		</div>
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

<style>
	.way {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 0;
		margin-bottom: 14px;
	}
	.way li {
		display: flex;
		align-items: center;
		gap: 8px;
		color: var(--soft);
	}
	/* a line from one to the next: how far it is */
	.way li + li::before {
		content: '';
		width: 34px;
		height: 2px;
		margin: 0 4px 0 12px;
		background: var(--hair);
	}
	.way li.done + li::before {
		background: var(--rim);
	}
	.n {
		display: grid;
		place-items: center;
		width: 28px;
		height: 28px;
		border: 2px solid var(--hair);
		border-radius: 50%;
		font-weight: 700;
	}
	.done .n {
		border-color: var(--rim);
		color: var(--ink);
	}
	[aria-current] {
		font-weight: 700;
	}
	.way [aria-current] {
		color: var(--ink);
	}
	[aria-current] .n {
		border-color: var(--rim);
		background: var(--rim);
		color: var(--on-rim);
	}
</style>
