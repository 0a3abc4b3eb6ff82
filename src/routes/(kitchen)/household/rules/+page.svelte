<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { coolingLimitText, houseRules } from '$lib/present/wording/codes/house-rules';
	import { dangerRangeText, tempUnit } from '$lib/present/units';
	import { standingLine } from '$lib/present/wording/codes/words';
	import { checked } from '$lib/ui/kit/checked';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import { typedRules } from '$lib/present/typed-household';
	import { guardedForm } from '$lib/ui/kit/guarded-form.svelte';
	import Seen from '$lib/ui/kit/Seen.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, string>>(
		form && 'errors' in form ? (form.errors ?? {}) : {}
	);
	let busy = $state(false);
	const rules = guardedForm(() => typedRules(data.house, data.limits));
	formScope({ errors: () => errors });
</script>

<svelte:head><title>{w.householdRules.pageTitle}</title></svelte:head>

<PageHead title={w.householdRules.heading} />

<div class="grid gap-5 lg:grid-cols-[2fr_3fr]">
	<form
		method="POST"
		class="plate grid content-start gap-4"
		novalidate
		use:enhance={checked(
			async () => (await import('$lib/schemas/household')).rulesSchema(data.habit),
			(found) => (errors = found),
			{ busy: (at) => (busy = at), saved: rules.take }
		)}
	>
		<h2>{w.householdRules.yourChoices}</h2>
		<Seen seen={rules.seen} stale={form && 'stale' in form ? form.stale : undefined} />
		<Choice
			name="leads"
			label={w.householdRules.leads}
			bind:value={rules.texts.leads}
			items={[
				{ value: 'best-by', name: w.householdRules.lowEnd },
				{ value: 'good-to', name: w.householdRules.highEnd }
			]}
		/>
		<Field
			name="houseMonths"
			label={w.householdRules.houseMonths}
			bind:value={rules.texts.houseMonths}
			hint={w.householdRules.houseMonthsHint}
			inputmode="numeric"
		/>
		<label class="tick"
			><input type="checkbox" name="labelNutrition" checked={data.house.labelNutrition} />
			{w.householdRules.labelNutrition}</label
		>
		<h2>{w.householdRules.yourLimits}</h2>
		<p class="quiet">{w.householdRules.limitsHint({ rule: coolingLimitText(data.habit) })}</p>
		<div class="grid grid-cols-2 gap-4">
			<Field
				name="firstGateMin"
				label={w.householdRules.firstGate}
				bind:value={rules.texts.firstGateMin}
				hint={w.householdRules.firstGateHint}
			/>
			<Field
				name="secondGateMin"
				label={w.householdRules.secondGate}
				bind:value={rules.texts.secondGateMin}
				hint={w.householdRules.secondGateHint}
			/>
		</div>
		<Field
			name="dangerMin"
			label={w.householdRules.danger({ range: dangerRangeText(data.habit) })}
			bind:value={rules.texts.dangerMin}
			hint={w.householdRules.dangerHint}
		/>
		<Field
			name="coreAddedK"
			label={w.householdRules.core}
			bind:value={rules.texts.coreAddedK}
			hint={w.householdRules.coreHint({ unit: tempUnit(data.habit) })}
			inputmode="numeric"
		/>
		<div class="flex items-center gap-4">
			<Press type="submit" first disabled={busy}>{w.householdRules.save}</Press>
			{#if form && 'saved' in form}<span role="status" class="font-semibold"
					>{w.householdRules.saved}</span
				>{/if}
		</div>
		<p class="quiet">{w.householdRules.effect({ standing: standingLine })}</p>
	</form>
	<section class="plate">
		<h2>{w.householdRules.differTitle}</h2>
		<dl class="mt-2">
			{#each houseRules(data.habit) as rule (rule.question)}
				<dt class="mt-3 font-bold">{rule.question}</dt>
				<dd class="quiet">{rule.schools}</dd>
				<dd>{rule.here} <span class="quiet">{rule.why}</span></dd>
			{/each}
		</dl>
	</section>
</div>
