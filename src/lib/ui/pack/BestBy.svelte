<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { StoredPart } from '$lib/core';
	import type { SourceKey } from '$lib/core/published';
	import { dayText } from '$lib/present/time';
	import { tempText, type Habit } from '$lib/present/units';
	import { groupWords } from '$lib/present/wording/codes/words';
	import Why from '../kit/Why.svelte';

	let {
		packedOn,
		storage,
		now = storage.bestBy,
		lostDays = 0,
		habit
	}: {
		packedOn: string;
		storage: {
			bestBy: string | null;
			goodTo: string | null;
			months: { from: number; to: number } | null;
			source: string;
			parts: (StoredPart & { name: string })[];
			limitingPart: number | null;
			freezerC: number;
			bestBySet: boolean;
			computedBestBy: string | null;
		};
		/** the day that counts today, sooner than at packing by what warm spells took */
		now?: string | null;
		lostDays?: number;
		habit: Habit;
	} = $props();

	const limiting = $derived(
		storage.limitingPart === null ? null : storage.parts[storage.limitingPart]
	);
	const note = $derived({
		title: w.bestBy.bestBy,
		rule: w.bestBy.rule({ tempC: tempText(-18, habit), warmerThan: tempText(-18, habit) }),
		inputs: [
			{ name: w.bestBy.packedOn, value: dayText(packedOn, habit) },
			...(limiting
				? [
						{
							name: w.bestBy.limit,
							value: `${groupWords[limiting.group]}, ${limiting.state}`
						}
					]
				: []),
			...(storage.months
				? [
						{
							name: w.bestBy.months,
							value:
								storage.months.from === storage.months.to
									? String(storage.months.to)
									: w.bestBy.monthRange({ from: storage.months.from, to: storage.months.to })
						}
					]
				: []),
			{ name: w.bestBy.freezerSetting, value: tempText(storage.freezerC, habit) },
			...(storage.goodTo
				? [{ name: w.bestBy.highEnd, value: dayText(storage.goodTo, habit) }]
				: []),
			...(lostDays > 0
				? [{ name: w.bestBy.lost, value: w.bestBy.lostDays({ days: lostDays }) }]
				: []),
			...(storage.bestBySet
				? [
						{ name: w.bestBy.setByHand, value: 'yes' },
						{
							name: w.bestBy.computed,
							value: storage.computedBestBy
								? dayText(storage.computedBestBy, habit)
								: w.bestBy.noFigure
						}
					]
				: [])
		],
		sources: [storage.source as SourceKey, 'frozen-tolerance' as const]
	});
</script>

<Why {note}><b>{now ? dayText(now, habit) : w.bestBy.noPublishedFigure}</b></Why>
