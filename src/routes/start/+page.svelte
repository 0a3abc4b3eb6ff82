<script lang="ts">
	import { enhance } from '$app/forms';
	import { appliancesSchema, freezerSchema, kitchenSchema } from '$lib/schemas/household';
	import { checked } from '$lib/ui/checked';
	import ApplianceFields from '$lib/ui/household/ApplianceFields.svelte';
	import FreezerFields from '$lib/ui/household/FreezerFields.svelte';
	import KitchenFields from '$lib/ui/household/KitchenFields.svelte';
	import { typedAppliances, typedFreezer, typedKitchen } from '$lib/ui/household/typed-household';
	import Press from '$lib/ui/Press.svelte';
	import { typedForm } from '$lib/ui/typed-form.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, string>>(form?.errors ?? {});
	let busy = $state(false);
	const kitchen = typedForm(() => ({ ...typedKitchen(data.house), ...form?.typed }));
	const appliances = typedForm(() => ({ ...typedAppliances(data.house), ...form?.typed }));
	const freezer = typedForm(() => ({
		...typedFreezer(null, data.habit),
		name: 'freezer',
		shelves: 'top\nmiddle\nbottom',
		...form?.typed
	}));
	const hooks = { busy: (at: boolean) => (busy = at) };
	const show = (found: Record<string, string>) => (errors = found);
	const steps = ['Amounts and kitchen', 'Appliances', 'Freezer'];

	// the browser knows its own zone; UTC is only what a new household starts with
	$effect(() => {
		if (kitchen.texts.timeZone === 'UTC')
			kitchen.texts.timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
	});
</script>

<svelte:head><title>Settling in · Almacen</title></svelte:head>

<div class="mb-4 flex flex-wrap items-center justify-between gap-3">
	<h1>Settling in: {steps[data.step - 1].toLowerCase()}</h1>
	<form method="POST" action="?/later" use:enhance>
		<Press type="submit">Later: start with what is usual</Press>
	</form>
</div>
<ol class="mb-4 flex flex-wrap gap-x-6 gap-y-1" aria-label="Steps">
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
		use:enhance={checked(() => kitchenSchema(data.habit), show, hooks)}
	>
		<KitchenFields bind:typed={kitchen.texts} {errors} habit={data.habit} />
		<div><Press type="submit" first disabled={busy}>Next: appliances</Press></div>
	</form>
{:else if data.step === 2}
	<form
		method="POST"
		action="?/appliances"
		class="grid gap-5 lg:grid-cols-2"
		novalidate
		use:enhance={checked(() => appliancesSchema(data.habit), show, hooks)}
	>
		<ApplianceFields bind:typed={appliances.texts} {errors} habit={data.habit} />
		<div class="flex flex-wrap items-center gap-4">
			<Press type="submit" first disabled={busy}>Next: freezer</Press>
			<span class="quiet">Not measured, or not owned? Leave it; it can be corrected later.</span>
		</div>
	</form>
{:else}
	<form
		method="POST"
		action="?/freezer"
		class="plate grid max-w-3xl gap-4"
		novalidate
		use:enhance={checked(() => freezerSchema(data.habit), show, hooks)}
	>
		<h2>Where the packs go</h2>
		<FreezerFields bind:typed={freezer.texts} {errors} habit={data.habit} />
		<div><Press type="submit" first disabled={busy}>Done: write the first dish</Press></div>
		<p class="quiet">A second freezer, and everything else, is in the household later.</p>
	</form>
{/if}
