<script lang="ts">
	import { enhance } from '$app/forms';
	import { coolingLimitText, houseRules } from '$lib/present/house-rules';
	import { durationText } from '$lib/present/time';
	import { dangerRangeText, tempUnit } from '$lib/present/units';
	import { standingLine } from '$lib/present/words';
	import { rulesSchema } from '$lib/schemas/household';
	import { checked } from '$lib/ui/checked';
	import Choice from '$lib/ui/Choice.svelte';
	import Field from '$lib/ui/Field.svelte';
	import Press from '$lib/ui/Press.svelte';
	import { typedForm } from '$lib/ui/typed-form.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, string>>(
		form && 'errors' in form ? (form.errors ?? {}) : {}
	);
	let busy = $state(false);
	const kelvin = $derived(
		data.habit.temperature === 'f' ? data.limits.coreAddedK * 1.8 : data.limits.coreAddedK
	);
	const rules = typedForm(() => ({
		leads: data.house.leads,
		houseMonths: data.house.houseMonths === null ? '' : String(data.house.houseMonths),
		firstGateMin: durationText(data.limits.firstGateMin),
		secondGateMin: durationText(data.limits.secondGateMin),
		dangerMin: durationText(data.limits.dangerH * 60),
		coreAddedK: String(Math.round(kelvin))
	}));
</script>

<svelte:head><title>House rules · Almacen</title></svelte:head>

<div class="mb-4 flex flex-wrap items-center justify-between gap-3">
	<h1>House rules</h1>
	<Press href="/household">The household</Press>
</div>

<div class="grid gap-5 lg:grid-cols-[2fr_3fr]">
	<form
		method="POST"
		class="plate grid content-start gap-4"
		novalidate
		use:enhance={checked(
			() => rulesSchema(data.habit),
			(found) => (errors = found),
			{ busy: (at) => (busy = at) }
		)}
	>
		<h2>Your choices</h2>
		<Choice
			name="leads"
			label="On lists and labels leads"
			bind:value={rules.texts.leads}
			error={errors.leads}
			items={[
				{ value: 'best-by', name: 'the low end of the published range' },
				{ value: 'good-to', name: 'the high end of the published range' }
			]}
		/>
		<Field
			name="houseMonths"
			label="Months where no figure is published"
			bind:value={rules.texts.houseMonths}
			error={errors.houseMonths}
			hint="cooked grains and pulses alone, soft dairy; empty: no date is computed"
			inputmode="numeric"
		/>
		<h2>Your limits</h2>
		<p class="quiet">They can be tightened, never loosened. {coolingLimitText(data.habit)}</p>
		<div class="grid grid-cols-2 gap-4">
			<Field
				name="firstGateMin"
				label="First gate within"
				bind:value={rules.texts.firstGateMin}
				error={errors.firstGateMin}
				hint="1 h to 2 h"
			/>
			<Field
				name="secondGateMin"
				label="Second gate within"
				bind:value={rules.texts.secondGateMin}
				error={errors.secondGateMin}
				hint="3 h to 6 h"
			/>
		</div>
		<Field
			name="dangerMin"
			label="In a slow cooker, between {dangerRangeText(data.habit)} at most"
			bind:value={rules.texts.dangerMin}
			error={errors.dangerMin}
			hint="1 h to 4 h, for the worst part of meat or cooked food"
		/>
		<Field
			name="coreAddedK"
			label="Added to every core temperature"
			bind:value={rules.texts.coreAddedK}
			error={errors.coreAddedK}
			hint="{tempUnit(data.habit)}; 0: as published"
			inputmode="numeric"
		/>
		<div class="flex items-center gap-4">
			<Press type="submit" first disabled={busy}>Save the rules</Press>
			{#if form && 'saved' in form}<span role="status" class="font-semibold">Saved.</span>{/if}
		</div>
		<p class="quiet">
			Cooling verdicts follow at once; cook cards and dates of packs made from now on. {standingLine}
		</p>
	</form>
	<section class="plate">
		<h2>Where cooks differ, and what is done here</h2>
		<dl class="mt-2">
			{#each houseRules(data.habit) as rule (rule.question)}
				<dt class="mt-3 font-bold">{rule.question}</dt>
				<dd class="quiet">{rule.schools}</dd>
				<dd>{rule.here} <span class="quiet">{rule.why}</span></dd>
			{/each}
		</dl>
	</section>
</div>
