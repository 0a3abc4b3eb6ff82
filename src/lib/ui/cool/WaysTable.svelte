<script lang="ts">
	import { enhance } from '$app/forms';
	import type { CoolingWay, CoolingWayName } from '$lib/core/cooling';
	import { thicknessM } from '$lib/core/heat';
	import { twoStageRule } from '$lib/core/rules';
	import { durationText } from '$lib/present/time';
	import { lengthText, massText, tempText, volumeText, type Habit } from '$lib/present/units';
	import { verdictWords } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';
	import Word from '../kit/Word.svelte';

	let {
		ways,
		proposed,
		refrigeratorL,
		refrigeratorC,
		typed,
		habit
	}: {
		ways: readonly Omit<CoolingWay, 'input' | 'result'>[];
		proposed: CoolingWayName | null;
		refrigeratorL: number;
		refrigeratorC: number;
		/** what was entered: a way is started with it */
		typed: Readonly<Record<string, string>>;
		habit: Habit;
	} = $props();
	const tone = { pass: 'good', 'at-risk': 'caution', fail: 'refused' } as const;
	const takes = (way: (typeof ways)[number]) =>
		[
			w.gates.vessels({ count: way.vessels, depth: lengthText(thicknessM(way.shape), habit) }),
			way.iceKg === null ? null : w.gates.ice({ mass: massText(way.iceKg, habit) })
		]
			.filter(Boolean)
			.join(', ');
</script>

<section class="mt-4" id="ways">
	<h2>{w.gates.compareTitle}</h2>
	<div class="overflow-x-auto">
		<table class="ledger">
			<thead
				><tr
					><th>{w.gates.way}</th><th>{w.gates.verdict}</th><th
						>{w.gates.coldAfter({ temp: tempText(5, habit) })}</th
					><th>{w.gates.takes}</th><th><span class="sr-only">{w.gates.startThis}</span></th></tr
				></thead
			>
			<tbody>
				{#each ways as way (way.name)}
					{@const name = w.runSheet.ways[way.vesselKind][way.name]}
					<tr>
						<td
							><b>{name}</b>
							{#if proposed === way.name}<br /><Word tone="cold" text={w.gates.proposed} />{/if}
						</td>
						<td>
							<Word tone={tone[way.verdict]} text={verdictWords[way.verdict]} />
							{#if way.tooMuchForRefrigerator}<br /><span class="quiet"
									>{w.gates.tooMuch({ litres: volumeText(refrigeratorL, habit) })}</span
								>{/if}
						</td>
						<td>{way.coldMin === null ? w.gates.never : durationText(way.coldMin)}</td>
						<td>{takes(way)}</td>
						<td>
							<form method="POST" action="?/start" use:enhance>
								{#each Object.entries(typed) as [key, value] (key)}
									{#if key !== 'way'}<input type="hidden" name={key} {value} />{/if}
								{/each}
								<input type="hidden" name="way" value={way.name} />
								<Press
									type="submit"
									first={proposed === way.name}
									aria-label={w.gates.startWay({ way: name })}>{w.gates.startThis}</Press
								>
							</form>
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	{#if refrigeratorC > twoStageRule.secondGateC - 0.5}
		<p class="mt-2">
			{w.gates.warmRefrigerator({
				at: tempText(refrigeratorC, habit),
				gate: tempText(twoStageRule.secondGateC, habit)
			})}
		</p>
	{/if}
	<p class="quiet mt-2">{w.gates.rule}</p>
</section>
