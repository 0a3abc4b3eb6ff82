<script lang="ts">
	import type { Habit } from '$lib/present/habit';
	import { priceText } from '$lib/present/money';
	import * as w from '$lib/present/wording';
	import Why from '../kit/Why.svelte';
	import Word from '../kit/Word.svelte';

	let {
		usedCents,
		wholeCents,
		servings,
		budgetCents,
		unpriced,
		habit
	}: {
		usedCents: number;
		/** of the packs that are bought */
		wholeCents: number;
		servings: number;
		/** of a serving; null: none is set */
		budgetCents: number | null;
		/** names of what has no price */
		unpriced: readonly string[];
		habit: Habit;
	} = $props();
	const say = w.menuDay;
	const eachCents = $derived(servings > 0 ? usedCents / servings : 0);
	const over = $derived(budgetCents !== null && eachCents > budgetCents);
	const share = $derived(wholeCents > 0 ? Math.min(1, usedCents / wholeCents) : 0);
</script>

<section class="plate grid gap-2">
	<div class="plate-head">
		<h2>{say.money}</h2>
		<p>
			{#if eachCents > 0}<b class="figure">{priceText(eachCents, habit)}</b>
				{say.aServing}{/if}{#if budgetCents !== null}, {#if over}<Word
						tone="caution"
						text={say.budget({ cents: priceText(budgetCents, habit) })}
					/>{:else}{say.budget({ cents: priceText(budgetCents, habit) })}{/if}{/if}
		</p>
	</div>
	{#if wholeCents > 0}
		<svg viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true">
			<rect width="100" height="6" rx="1.5" fill="var(--mustard-pale)" />
			<rect width={share * 100} height="6" rx="1.5" fill="var(--leaf)" />
		</svg>
	{/if}
	<p class="quiet">
		<Why note={{ title: say.why.cost, rule: say.why.costRule, inputs: [], sources: [] }}
			>{say.cost({ used: priceText(usedCents, habit), whole: priceText(wholeCents, habit) })}</Why
		>{#if unpriced.length > 0}; {say.unpriced({ n: unpriced.length })}: {unpriced.join(', ')}{/if}
	</p>
</section>

<style>
	svg {
		width: 100%;
		height: 16px;
	}
</style>
