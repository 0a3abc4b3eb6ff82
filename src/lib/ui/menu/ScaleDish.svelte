<script lang="ts">
	import { scaledAmount } from '$lib/core/foods';
	import type { ParsedLine } from '$lib/formats/ingredient-line';
	import { lineAmountText } from '$lib/present/amounts';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import { numberFromText, quantityFromText } from '$lib/schemas/quantity-text';
	import Field from '../kit/Field.svelte';

	let {
		lines,
		whole,
		meat,
		servings,
		habit
	}: {
		lines: readonly Pick<ParsedLine, 'quantity' | 'quantityTo' | 'unit' | 'item'>[];
		/** which lines come whole */
		whole: readonly boolean[];
		/** the heaviest raw meat of the dish */
		meat: { name: string; kg: number } | null;
		servings: number;
		habit: Habit;
	} = $props();

	// svelte-ignore state_referenced_locally
	let wanted = $state(String(servings));
	let have = $state('');
	const factor = $derived.by(() => {
		if (have.trim() && meat) {
			const kg = quantityFromText(have, 'mass', habit);
			return kg && kg > 0 && kg < 50 ? kg / meat.kg : null;
		}
		const n = numberFromText(wanted);
		return n && n > 0 && n <= 500 ? n / servings : null;
	});
	const scaled = $derived(
		factor === null
			? []
			: lines.map((line, at) => ({
					line,
					to: scaledAmount({ ...line, whole: whole[at] }, factor)
				}))
	);
</script>

<section class="grid gap-2">
	<h2>{w.dishCare.scale}</h2>
	<div class="grid grid-cols-2 items-end gap-3">
		<Field
			name="scale-servings"
			label={w.dishCare.scaleServings}
			inputmode="numeric"
			bind:value={wanted}
			oninput={() => (have = '')}
		/>
		{#if meat}
			<Field
				name="scale-meat"
				label={w.dishCare.scaleByMeat({ item: meat.name })}
				bind:value={have}
			/>
		{/if}
	</div>
	{#if factor === null}
		<p class="entry-error" role="alert">{w.dishCare.scaleBad}</p>
	{:else if Math.abs(factor - 1) > 0.001}
		<p><b>{w.dishCare.scaled({ servings: Math.round(servings * factor * 10) / 10 })}</b></p>
		<ul class="list-disc pl-5">
			{#each scaled as { line, to }, i (i)}
				<li>
					{lineAmountText(to, habit)}
					{line.item}
					{#if to.exact !== null}<span class="quiet"
							>({w.dishCare.whole({ from: Math.round(to.exact * 10) / 10 })})</span
						>{/if}
				</li>
			{/each}
		</ul>
	{/if}
</section>
