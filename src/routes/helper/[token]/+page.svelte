<script lang="ts">
	import * as w from '$lib/present/wording';
	import { invalidateAll } from '$app/navigation';
	import { cookSheet } from '$lib/core/serving';
	import { mealContains, sheetNow, stepText } from '$lib/present/sheet-words';
	import { countdownText, instantText } from '$lib/present/time';
	import { standingLine } from '$lib/present/wording/codes/words';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import SheetRuler from '$lib/ui/table/SheetRuler.svelte';
	import SheetSteps from '$lib/ui/table/SheetSteps.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	clock.sync(data.clockNow);
	$effect(() => clock.sync(data.clockNow));
	$effect(() => clock.run());
	/** what the cook does meanwhile is seen here soon */
	const lookAgainMs = 15_000;
	$effect(() => {
		const timer = setInterval(() => void invalidateAll(), lookAgainMs);
		return () => clearInterval(timer);
	});
	const { meal, shown } = $derived(data);
	const nowMs = $derived(Math.max(clock.fineMs, data.clockNow.nowMs));
	const sheet = $derived(cookSheet(meal.plan, meal.ticks, nowMs));
	const { next, isDue } = $derived(sheetNow(sheet, nowMs));
</script>

<svelte:head><title>{w.cookSheet.helperTitle({ name: meal.facts.name })}</title></svelte:head>

<main class="helper">
	<h1>{meal.facts.name}</h1>
	<p class="serve">{instantText(sheet.serveAtMs, shown, nowMs)}</p>
	<SheetRuler {sheet} habit={shown} {nowMs} />
	{#if next}
		<section class="plate" aria-live="polite">
			<p class="count">{isDue ? w.cookSheet.due : countdownText(next.atMs - nowMs)}</p>
			<p class="todo">{stepText(next, meal.plan, meal.stepFacts, shown).what}</p>
		</section>
	{/if}
	<SheetSteps
		{sheet}
		plan={meal.plan}
		facts={meal.stepFacts}
		habit={shown}
		{nowMs}
		nextId={next?.id ?? null}
	/>
	{#if meal.facts.addOnDay}<p>{w.cookSheet.onDay({ amounts: meal.facts.addOnDay })}</p>{/if}
	<p>
		<b>{mealContains(meal.facts)}</b>
	</p>
	<p class="quiet">{standingLine}</p>
</main>

<style>
	.helper {
		display: grid;
		gap: 10px;
		max-width: 640px;
		margin: 0 auto;
		padding: 16px;
	}
	.serve {
		justify-self: start;
		padding: 4px 10px;
		background: var(--tape);
		font-size: 22px;
		font-weight: 700;
	}
	.count {
		font-size: 40px;
		font-weight: 700;
		line-height: 1;
	}
	.todo {
		font-size: 20px;
		font-weight: 700;
	}
</style>
