<script lang="ts">
	import { type CoolingFacts, coolingView } from '$lib/core/cooling';
	import type { SafetyLimits } from '$lib/core/rules';
	import { coolingSentence } from '$lib/present/wording/codes/cooling-words';
	import { instantText } from '$lib/present/time';
	import { tempText, type Habit } from '$lib/present/units';
	import { verdictWords } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';
	import { clock } from '../shell/clock.svelte';
	import Word from '../kit/Word.svelte';

	let {
		run,
		limits,
		habit
	}: {
		run: CoolingFacts & {
			id: number;
			place: string;
			decisions: { atMs: number; code: keyof typeof w.gates.deeds; tempC: number }[];
		};
		limits: SafetyLimits;
		habit: Habit;
	} = $props();
	const tone = { pass: 'good', 'at-risk': 'caution', fail: 'refused' } as const;
	const view = $derived(coolingView(run, run.endedAtMs ?? clock.ms, limits));
	const says = $derived(coolingSentence(view, run.forecast.rule, run.place, habit).says);
</script>

<p>
	<a href="/cool/{run.id}">{w.gates.record}</a>:
	<Word tone={tone[view.verdict]} text={verdictWords[view.verdict]} />
	<span class="quiet">{says} {w.gates.readingsCount({ count: view.readings.length })}.</span>
	{#each run.decisions as { atMs, code, tempC } (atMs)}
		<br /><span
			>{w.gates.decided({
				what: w.gates.deeds[code],
				at: instantText(atMs, habit, clock.ms),
				temp: tempText(tempC, habit)
			})}</span
		>
	{/each}
</p>
