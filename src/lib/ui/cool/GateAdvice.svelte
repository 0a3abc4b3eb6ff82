<script lang="ts">
	import { enhance } from '$app/forms';
	import {
		type CoolingFacts,
		type CoolingWayName,
		coolingWayNames,
		gateDecision
	} from '$lib/core/cooling';
	import { type SafetyLimits, twoStageRule } from '$lib/core/rules';
	import { durationText, instantText } from '$lib/present/time';
	import { massText, tempText, type Habit } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import { clock } from '../shell/clock.svelte';
	import Choice from '../kit/Choice.svelte';
	import Press from '../kit/Press.svelte';

	interface Help {
		name: CoolingWayName;
		vesselKind: 'pot' | 'pan';
		coldMin: number | null;
		iceKg: number | null;
	}
	let {
		run,
		helps,
		limits,
		habit
	}: {
		run: CoolingFacts & {
			reheatOfId: number | null;
			decisions: { atMs: number; code: keyof typeof w.gates.deeds; tempC: number }[];
		};
		helps: Promise<Help[]> | null;
		limits: SafetyLimits;
		habit: Habit;
	} = $props();
	const decision = $derived(gateDecision(run, clock.ms, limits));
	const { firstGateC, secondGateC, reheatC } = twoStageRule;
	const t = (tempC: number) => tempText(tempC, habit);
	const whys = $derived({
		'seen-late': w.gates.whySeenLate({ temp: t(firstGateC) }),
		'reheat-late': w.gates.whyReheatLate({ temp: t(reheatC) }),
		'six-hours': w.gates.whySixHours({ temp: t(secondGateC) }),
		'four-hours': w.gates.fourHours({ tempC: t(secondGateC) }),
		'reheated-before': w.gates.whyReheated
	});
	const tone = $derived(
		decision.code === 'discard'
			? 'wants-refused'
			: ['help-it', 'measure-now', 'reheat-once'].includes(decision.code)
				? 'wants-caution'
				: ''
	);
</script>

<section class="plate grid gap-3 {run.endedAtMs === null ? tone : ''}" aria-live="assertive">
	<h2>{w.gates.title}</h2>
	{#if run.endedAtMs === null}
		{#if decision.code === 'on-the-way'}
			<p>{w.gates.onTheWay}</p>
		{:else if decision.code === 'cold'}
			<p>{decision.measured ? w.gates.cold({ temp: t(secondGateC) }) : w.gates.coldForecast}</p>
		{:else if decision.code === 'help-it'}
			<p>
				<b>{w.gates.helpIt({ temp: t(decision.gateC), left: durationText(decision.leftMin) })}</b>
			</p>
			{#await helps}
				<p class="quiet">{w.gates.computing}</p>
			{:then ways}
				{#if ways && ways.length > 0}
					<p>{w.gates.helps}</p>
					<ul class="list-disc pl-5">
						{#each ways as way (way.name)}
							<li>
								{w.gates.wayLine({
									way: w.runSheet.ways[way.vesselKind][way.name],
									temp: t(secondGateC),
									time: durationText(way.coldMin ?? 0)
								})}{#if way.iceKg}, {w.gates.ice({ mass: massText(way.iceKg, habit) })}{/if}
								<form method="POST" action="?/moved" class="my-2" use:enhance>
									<input type="hidden" name="way" value={way.name} />
									<Press
										type="submit"
										aria-label={w.gates.movedTo({
											way: w.runSheet.ways[way.vesselKind][way.name]
										})}>{w.gates.moved}</Press
									>
								</form>
							</li>
						{/each}
					</ul>
				{:else if ways}
					<p>{w.gates.noHelp}</p>
				{/if}
			{/await}
		{:else if decision.code === 'measure-now'}
			<p><b>{w.gates.measureNow({ temp: t(decision.gateC) })}</b></p>
		{:else if decision.code === 'reheat-once'}
			<p><b>{w.gates.reheat({ above: t(firstGateC), to: t(reheatC) })}</b></p>
			<p>
				{w.gates.reheatingSince({
					since: instantText(decision.sinceMs, habit, clock.ms),
					until: instantText(decision.untilMs, habit, clock.ms),
					to: t(reheatC)
				})}
			</p>
			<form method="POST" action="?/reheated" class="grid gap-3" use:enhance>
				<label
					><span class="entry-label">{w.gates.coolBy}</span>
					<select class="entry" name="way" value="pot-ice-bath-stirred">
						{#each coolingWayNames.slice(1) as way (way)}
							<option value={way}>{w.runSheet.ways.pot[way]}</option>
						{/each}
					</select>
				</label>
				<Press type="submit" first>{w.gates.reheated({ to: t(reheatC) })}</Press>
			</form>
		{:else}
			<p><b>{w.gates.discard}</b> {whys[decision.why]}</p>
			<form method="POST" action="?/discard" class="grid" use:enhance>
				<Press type="submit" first>{w.gates.discarded}</Press>
			</form>
		{/if}
	{/if}
	{#if run.endedAtMs === null && (decision.code === 'on-the-way' || decision.code === 'measure-now')}
		<details>
			<summary class="min-h-12 cursor-pointer">{w.gates.movedIt}</summary>
			<form method="POST" action="?/moved" class="grid gap-3" use:enhance>
				<Choice
					name="way"
					label={w.gates.coolBy}
					items={coolingWayNames.map((value) => ({ value, name: w.runSheet.ways.pot[value] }))}
				/>
				<Press type="submit">{w.gates.moved}</Press>
			</form>
		</details>
	{/if}
	{#if run.reheatOfId !== null}<p>{w.gates.reheatOf}</p>{/if}
	{#each run.decisions as { atMs, code, tempC } (atMs)}
		<p>
			<b
				>{w.gates.decided({
					what: w.gates.deeds[code],
					at: instantText(atMs, habit, clock.ms),
					temp: t(tempC)
				})}</b
			>
		</p>
	{/each}
	<p class="quiet">{w.gates.rule}</p>
</section>
