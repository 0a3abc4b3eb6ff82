<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { Snippet } from 'svelte';
	import type { CookOption, DishKind, PressureCooker, SlowCooker } from '$lib/core';
	import type { ConvertInput } from '$lib/core';
	import type { StartPlan } from '$lib/core/serving';
	import { dangerC } from '$lib/core/rules';
	import { reasonText } from '$lib/present/wording/codes/reasons';
	import { durationText, instantText, rangeText } from '$lib/present/time';
	import {
		altitudeText,
		dangerRangeText,
		lengthText,
		massText,
		tempText,
		volumeText,
		type Habit
	} from '$lib/present/units';
	import { adviceWords, kindWords, methodText, stateText } from '$lib/present/wording/codes/words';
	import Why from '../kit/Why.svelte';
	import Word from '../kit/Word.svelte';

	let {
		option,
		plan,
		nowMs,
		habit,
		asked,
		packing,
		addOnDay,
		late,
		inWater = false,
		label,
		beginning
	}: {
		option: CookOption;
		plan: StartPlan | null;
		nowMs: number;
		habit: Habit;
		asked: {
			altitudeM: number;
			slowCooker?: SlowCooker;
			pressureCooker?: PressureCooker;
			known: ConvertInput['known'];
			reheat: boolean;
			kind: DishKind;
			/** how cold a frozen pack goes in */
			frozenC: number;
		};
		packing: {
			massKg: number;
			lengthM: number;
			widthM: number;
			thicknessM: number;
			card: { targetCookMin: { from: number; to: number } };
		};
		addOnDay: string;
		/** what the dish adds late, in words */
		late: readonly string[];
		/** it thaws or softens in cold water, not in the refrigerator */
		inWater?: boolean;
		/** what the printed label says of this way, when it was computed with other appliances */
		label?: CookOption;
		/** the way to begin it so */
		beginning?: Snippet;
	} = $props();

	/** pots of which it matters how full they are */
	const filled: ReadonlySet<string> = new Set(['slow-cooker', 'pressure-cooker', 'hob']);
	const pressure = $derived(option.method.appliance === 'pressure-cooker');
	const shownMin = $derived(option.setMin ?? option.computedMin);
	const hours = (h: number) => `${(Math.round(h * 10) / 10).toFixed(1)} h`;
	const cooker = $derived(
		option.method.appliance === 'slow-cooker'
			? asked.slowCooker
			: option.method.appliance === 'pressure-cooker'
				? asked.pressureCooker
				: undefined
	);
	const inWords = (of: CookOption | undefined) =>
		of?.setMin ? rangeText(of.setMin.from, of.setMin.to) : adviceWords.refused;
	const labelSays = $derived(label && inWords(label) !== inWords(option) ? inWords(label) : null);
	const note = $derived({
		title: `${methodText(option.method, habit)}, ${stateText(option.state)}`,
		rule: w.cookWay.rangeRule({
			rule: asked.reheat
				? 'A cooked dish made hot again: the first time at which its coldest point is at the core temperature and held long enough.'
				: 'The time that gives the coldest point (for braised roasts the whole piece) the same cooking as the recipe’s own instruction, and at least the core temperature.'
		}),
		inputs: [
			{ name: w.cookWay.kind, value: kindWords[asked.kind].name },
			{ name: w.cookWay.weight, value: massText(packing.massKg, habit) },
			{
				name: w.cookWay.block,
				value: `${lengthText(packing.lengthM, habit)} × ${lengthText(packing.widthM, habit)} × ${lengthText(packing.thicknessM, habit)}`
			},
			{
				name: w.cookWay.start,
				value: tempText(option.state === 'frozen' ? asked.frozenC : 4, habit)
			},
			{ name: w.cookWay.altitude, value: altitudeText(asked.altitudeM, habit) },
			...(cooker ? [{ name: w.cookWay.cooker, value: volumeText(cooker.volumeL, habit) }] : []),
			asked.known
				? {
						name: w.cookWay.recipeSays,
						value: `${methodText(asked.known.method, habit)}, ${rangeText(asked.known.minutes.from, asked.known.minutes.to)}`
					}
				: {
						name: w.cookWay.recipeSays,
						value: asked.reheat ? w.cookWay.reheat : w.cookWay.noInstruction
					},
			...(asked.reheat
				? []
				: [
						{
							name: w.cookWay.targetCook({ tempC: tempText(100, habit) }),
							value: rangeNumber(packing.card.targetCookMin)
						}
					]),
			...(option.comeUpMin !== null
				? [{ name: w.cookWay.comeUp, value: durationText(option.comeUpMin) }]
				: []),
			...(option.hazardH
				? [
						{
							name: w.cookWay.hazardPart({ range: dangerRangeText(habit) }),
							value: w.cookWay.atWorst({
								likely: hours(option.hazardH.likely),
								worst: hours(option.hazardH.worst)
							})
						}
					]
				: [])
		],
		sources: [
			'appliance-model' as const,
			'choi-okos-1986' as const,
			'iapws-if97' as const,
			'core-temperatures' as const
		]
	});

	function rangeNumber(range: { from: number; to: number }): string {
		const [from, to] = [Math.round(range.from), Math.round(range.to)];
		return from === to ? String(from) : `${from}–${to}`;
	}
</script>

<section
	class="plate grid content-start gap-2"
	class:wants-caution={option.advice === 'caution'}
	class:wants-refused={option.advice === 'refused'}
>
	<div class="flex items-start justify-between gap-3">
		<h2>{methodText(option.method, habit)}</h2>
		<Word tone={option.advice} text={adviceWords[option.advice]} />
	</div>
	{#if option.setMin}
		<p>
			<Why {note}><b class="text-xl">{rangeText(option.setMin.from, option.setMin.to)}</b></Why>
			{pressure ? w.cookWay.atPressure : ''}
			<span class="quiet">{w.cookWay.likely({ duration: durationText(option.setMin.likely) })}</span
			>
		</p>
		{#if pressure && option.totalMin}<p class="quiet">
				{w.cookWay.pressureTotal({ duration: durationText(option.totalMin.to) })}
			</p>{/if}
		{#if plan}
			<p>
				{#if plan.takeOutAtMs !== null}{w.cookWay.outBy}
					<b>{instantText(plan.takeOutAtMs, habit, nowMs)}</b>{inWater
						? w.cookWay.intoColdWater
						: w.cookWay.intoRefrigerator}<br />{/if}
				{#if plan.fits}{w.cookWay.switchOnBy}
					<b>{instantText(plan.startAtMs, habit, nowMs)}</b>.
					{#if option.preheatMin}{w.cookWay.preheat({
							duration: durationText(option.preheatMin),
							at: instantText(plan.startAtMs + option.preheatMin * 60_000, habit, nowMs)
						})}{/if}
					{#if option.totalMin}<span class="quiet">
							{w.cookWay.readyBetween({
								from: instantText(plan.startAtMs + option.totalMin.from * 60_000, habit, nowMs),
								to: instantText(plan.startAtMs + option.totalMin.to * 60_000, habit, nowMs)
							})}{option.goodUntilMin === null
								? `; ${
										asked.kind === 'lean-pieces'
											? w.cookWay.keptHotLean({ tempC: tempText(dangerC.to, habit) })
											: w.cookWay.keptHot({ tempC: tempText(dangerC.to, habit) })
									}`
								: `, ${w.cookWay.eatBefore({
										at: instantText(
											plan.startAtMs + ((option.preheatMin ?? 0) + option.goodUntilMin) * 60_000,
											habit,
											nowMs
										)
									})}.`}</span
						>{/if}{:else}<b>{w.cookWay.tooLate}</b>{/if}
			</p>
		{/if}
	{:else if shownMin}
		<p>
			{w.cookWay.modelSays}
			<Why {note}>{rangeText(shownMin.from, shownMin.to)}</Why>{w.cookWay.notAdvice}
		</p>
	{/if}
	<p class="quiet">
		{#if option.coreEndC !== null}
			{w.cookWay.middleAt} <b>{tempText(option.coreEndC, habit)}</b>
		{/if}
		{#if option.hazardH}
			{w.cookWay.hazard({
				duration: hours(option.hazardH.likely),
				range: dangerRangeText(habit)
			})}{/if}
		{#if filled.has(option.method.appliance)}
			{w.cookWay.fill({ percent: Math.round(option.fill01 * 100) })}{/if}
		{#if option.goodUntilMin !== null}
			{w.cookWay.goodUntil({ at: durationText(option.goodUntilMin) })}{/if}
	</p>
	{#if option.reasons.length > 0}
		<ul class="list-disc pl-5">
			{#each option.reasons as reason (reason.code)}
				<li>
					{reasonText(reason, habit)}
					{#if reason.code === 'instead' && option.instead}
						<b>{methodText(option.instead.method, habit)}, {stateText(option.instead.state)}.</b>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
	{#if labelSays !== null}<p><b>{w.cookWay.label({ says: labelSays })}</b></p>{/if}
	{#if option.advice !== 'refused'}
		{#if addOnDay}<p>{w.cookWay.onTheDay({ amounts: addOnDay })}</p>{/if}
		{#if late.length > 0}
			<p><b>{w.late.title}</b></p>
			<ul class="list-disc pl-5">
				{#each late as line (line)}<li>{line}</li>{/each}
			</ul>
		{/if}
	{/if}
	{#if option.setMin}{@render beginning?.()}{/if}
</section>
