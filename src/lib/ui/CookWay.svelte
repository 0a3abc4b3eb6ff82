<script lang="ts">
	import type { CookOption, DishKind, PressureCooker, SlowCooker } from '$lib/core';
	import type { ConvertInput } from '$lib/core';
	import type { StartPlan } from '$lib/core/table/when-to-start';
	import { reasonText } from '$lib/present/reasons';
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
	import { adviceWords, kindWords, methodText, stateText } from '$lib/present/words';
	import Why from './Why.svelte';
	import Word from './Word.svelte';

	let {
		option,
		plan,
		nowMs,
		habit,
		asked,
		packing,
		addOnDay
	}: {
		option: CookOption & { comeUpMin: number | null };
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
		};
		packing: {
			massKg: number;
			lengthM: number;
			widthM: number;
			thicknessM: number;
			card: { targetCookMin: { from: number; to: number } };
		};
		addOnDay: string;
	} = $props();

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
	const note = $derived({
		title: `${methodText(option.method, habit)}, ${stateText(option.state)}`,
		rule: `${
			asked.reheat
				? 'A cooked dish made hot again: the first time at which its coldest point is at the core temperature and held long enough.'
				: 'The time that gives the coldest point (for braised roasts the whole piece) the same cooking as the recipe’s own instruction, and at least the core temperature.'
		} The range runs from one in ten sooner to one in ten later: power, losses, heat transfer, thickness, how the food conducts and its start are each let vary.`,
		inputs: [
			{ name: 'kind', value: kindWords[asked.kind].name },
			{ name: 'weight', value: massText(packing.massKg, habit) },
			{
				name: 'block',
				value: `${lengthText(packing.lengthM, habit)} × ${lengthText(packing.widthM, habit)} × ${lengthText(packing.thicknessM, habit)}`
			},
			{ name: 'start', value: tempText(option.state === 'frozen' ? -18 : 4, habit) },
			{ name: 'altitude', value: altitudeText(asked.altitudeM, habit) },
			...(cooker ? [{ name: 'cooker', value: volumeText(cooker.volumeL, habit) }] : []),
			asked.known
				? {
						name: 'recipe says',
						value: `${methodText(asked.known.method, habit)}, ${rangeText(asked.known.minutes.from, asked.known.minutes.to)}`
					}
				: {
						name: 'recipe says',
						value: asked.reheat ? 'make hot again' : 'nothing: the kind’s own target'
					},
			...(asked.reheat
				? []
				: [
						{
							name: `cooking wanted, minutes at ${tempText(100, habit)}`,
							value: rangeNumber(packing.card.targetCookMin)
						}
					]),
			...(option.comeUpMin !== null
				? [{ name: 'come-up', value: durationText(option.comeUpMin) }]
				: []),
			...(option.hazardH
				? [
						{
							name: `worst part between ${dangerRangeText(habit)}`,
							value: `${hours(option.hazardH.likely)}, at worst ${hours(option.hazardH.worst)}`
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
			{pressure ? 'at pressure' : ''}
			<span class="quiet">likely {durationText(option.setMin.likely)}</span>
		</p>
		{#if pressure && option.totalMin}<p class="quiet">
				{durationText(option.totalMin.to)} in all, with come-up, release and ten minutes’ rest.
			</p>{/if}
		{#if plan}
			<p>
				{#if plan.takeOutAtMs !== null}Out of the freezer by <b
						>{instantText(plan.takeOutAtMs, habit, nowMs)}</b
					>, into the refrigerator on a tray.<br />{/if}
				{#if plan.fits}Switch on by <b>{instantText(plan.startAtMs, habit, nowMs)}</b>.{:else}<b
						>Too late for then.</b
					>{/if}
			</p>
		{/if}
	{:else if shownMin}
		<p>
			The model says <Why {note}>{rangeText(shownMin.from, shownMin.to)}</Why>, which is not advice.
		</p>
	{/if}
	<p class="quiet">
		{#if option.coreEndC !== null}
			middle at <b>{tempText(option.coreEndC, habit)}</b>
		{/if}
		{#if option.hazardH}
			· {hours(option.hazardH.likely)} between {dangerRangeText(habit)}{/if}
		{#if option.method.appliance !== 'oven'}
			· {Math.round(option.fill01 * 100)} % full{/if}
		{#if option.goodUntilMin !== null}
			· still good until {durationText(option.goodUntilMin)}{/if}
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
	{#if addOnDay && option.advice !== 'refused'}<p>On the day: {addOnDay}</p>{/if}
</section>
