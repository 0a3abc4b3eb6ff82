<script lang="ts">
	import * as w from '$lib/present/wording';
	import { type CoolingFacts, coolingView, gateDecision } from '$lib/core/cooling';
	import { type SafetyLimits, twoStageRule } from '$lib/core/rules';
	import { coolingRuleText, coolingSentence } from '$lib/present/wording/codes/cooling-words';
	import { durationText } from '$lib/present/time';
	import { lengthText, massText, tempText, volumeText, type Habit } from '$lib/present/units';
	import { placeWords, verdictWords } from '$lib/present/wording/codes/words';
	import { coolingPlot } from '../charts/cooling-plot';
	import Plot from '../charts/Plot.svelte';
	import { clock } from '../shell/clock.svelte';
	import Why from '../kit/Why.svelte';
	import Word from '../kit/Word.svelte';
	import type { Snippet } from 'svelte';
	import type { CoolingInput } from '$lib/core';

	let {
		run,
		habit,
		limits,
		heading = 'h2',
		heightPx,
		children
	}: {
		run: CoolingFacts & {
			id: number;
			name: string;
			vessel: string;
			place: keyof typeof placeWords;
			volumeL: number;
			depthM: number;
			input: CoolingInput;
			forecast: { iceNeededKg: number | null };
		};
		habit: Habit;
		limits: SafetyLimits;
		heading?: 'h1' | 'h2';
		heightPx?: number;
		children?: Snippet;
	} = $props();

	const tone = { pass: 'good', 'at-risk': 'caution', fail: 'refused' } as const;
	const view = $derived(coolingView(run, clock.ms, limits));
	/** Nothing tells to cool what is to be reheated or discarded. */
	const decided = $derived(
		['reheat-once', 'discard'].includes(gateDecision(run, clock.ms, limits).code)
	);
	const sentence = $derived(
		coolingSentence(view, run.forecast.rule, run.place, habit, decided || run.endedAtMs !== null)
	);
	const nowMin = $derived(((run.endedAtMs ?? clock.ms) - run.startedAtMs) / 60_000);
	const gate = (min: number | null) =>
		min === null ? w.coolingPlate.notInTime : durationText(min);
	const note = $derived({
		title: w.coolingPlate.title,
		rule: w.coolingPlate.rule({ limits: coolingRuleText(run.forecast.rule, limits, habit) }),
		inputs: [
			{ name: w.coolingPlate.start, value: tempText(run.input.startC, habit) },
			{ name: w.coolingPlate.depth, value: lengthText(run.depthM, habit) },
			{ name: w.coolingPlate.amount, value: volumeText(run.volumeL, habit) },
			{ name: w.coolingPlate.place, value: placeWords[run.place] },
			{ name: w.coolingPlate.kitchen, value: tempText(run.input.roomC ?? 21, habit) },
			{ name: w.coolingPlate.refrigerator, value: tempText(run.input.refrigeratorC ?? 4, habit) },
			{ name: w.coolingPlate.lid, value: run.input.lid ? 'on' : 'off' },
			{ name: w.coolingPlate.stirred, value: run.input.stirred ? 'yes' : 'no' },
			{
				name: w.coolingPlate.clockStarts({ tempC: tempText(twoStageRule.startC, habit) }),
				value: durationText(view.clockStartMin)
			},
			{
				name: w.coolingPlate.firstGate({ tempC: tempText(twoStageRule.firstGateC, habit) }),
				value: gate(view.to21Min)
			},
			{
				name: w.coolingPlate.secondGate({ tempC: tempText(twoStageRule.secondGateC, habit) }),
				value: gate(view.to5Min)
			}
		],
		sources: ['food-code-2022' as const, 'appliance-model' as const, 'choi-okos-1986' as const]
	});
</script>

<section
	class="plate self-start"
	class:wants-caution={!run.endedAtMs && view.verdict === 'at-risk'}
	class:wants-refused={!run.endedAtMs && view.verdict === 'fail'}
>
	<div class="flex items-start justify-between gap-3">
		{#if heading === 'h1'}
			<h1>{run.name}</h1>
		{:else}
			<h2><a href="/cool/{run.id}">{run.name}</a></h2>
		{/if}
		<Word tone={tone[view.verdict]} text={verdictWords[view.verdict]} />
	</div>
	<p class="quiet">
		{w.coolingPlate.vessel({
			vessel: run.vessel,
			volume: volumeText(run.volumeL, habit),
			depth: lengthText(run.depthM, habit),
			place: placeWords[run.place]
		})}
	</p>
	<div class="mt-2">
		<Plot
			plot={coolingPlot({ view, nowMin, rule: run.forecast.rule, habit, limits })}
			label={w.coolingPlate.chart({ name: run.name, says: sentence.says })}
			{heightPx}
		/>
	</div>
	<p class="mt-2">
		<Why {note}>{sentence.says}</Why>
		<b>{sentence.todo}</b>
		{#if run.forecast.iceNeededKg}{w.coolingPlate.iceNeeded({
				mass: massText(run.forecast.iceNeededKg, habit)
			})}{/if}
	</p>
	{@render children?.()}
</section>
