<script lang="ts">
	import { enhance } from '$app/forms';
	import { coolingWayNames } from '$lib/core/cooling';
	import { coolingLoad, type KeptPlan, type RunSheet } from '$lib/core/schedule';
	import type { Habit } from '$lib/present/habit';
	import { durationText } from '$lib/present/time';
	import { massText, volumeText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import { standingLine, verdictWords } from '$lib/present/wording/codes/words';
	import Word from '../kit/Word.svelte';

	/** How each pot is cooled on this day, and what all of it takes of ice and room; another way is chosen before the day begins. */
	let {
		run,
		plan,
		dishName,
		started,
		habit
	}: {
		run: RunSheet;
		plan: KeptPlan;
		dishName: (id: number) => string;
		started: boolean;
		habit: Habit;
	} = $props();
	const coolings = $derived(
		Object.entries(run.cooling).map(([id, chosen]) => ({ id: Number(id), ...chosen }))
	);
	const load = $derived(coolingLoad(plan, run.cooling));
</script>

<ul class="grid gap-2">
	{#each coolings as chosen (chosen.id)}
		<li>
			<p>
				{w.runSheet.coolingOf({
					dish: dishName(chosen.id),
					way: w.runSheet.ways[chosen.vessel][chosen.way],
					time: durationText(chosen.minutes)
				})}{#if chosen.iceKg}, {w.runSheet.coolingIce({
						mass: massText(chosen.iceKg, habit)
					})}{/if}
				<Word
					tone={chosen.verdict === 'pass'
						? 'good'
						: chosen.verdict === 'fail'
							? 'refused'
							: 'caution'}
					text={verdictWords[chosen.verdict]}
				/>
			</p>
			{#if !started}
				<form method="POST" action="?/way" use:enhance>
					<input type="hidden" name="dishId" value={chosen.id} />
					<select
						class="entry"
						name="way"
						aria-label={w.runSheet.changeWay({ dish: dishName(chosen.id) })}
						value={chosen.byCook ? chosen.way : ''}
						onchange={(event) => event.currentTarget.form?.requestSubmit()}
					>
						<option value="">{w.runSheet.least}</option>
						{#each coolingWayNames as way (way)}
							<option value={way}>{w.runSheet.ways[chosen.vessel][way]}</option>
						{/each}
					</select>
				</form>
			{/if}
		</li>
	{/each}
</ul>
<p class="mt-2">
	{#if load.iceKg > 0}{w.runSheet.iceInAll({
			ice: massText(load.iceKg, habit),
			baths: load.baths,
			busy: durationText(load.bathMin)
		})}{/if}
	{#if load.refrigeratorL > 0}{w.runSheet.fridgeInAll({
			litres: volumeText(load.refrigeratorL, habit)
		})}{/if}
	{#if load.stirMin > 0}{w.runSheet.stirInAll({
			time: durationText(load.stirMin)
		})}{/if}
</p>
<p class="quiet mt-2">{standingLine}</p>
