<script lang="ts">
	import type { StoredPart } from '$lib/core';
	import type { SourceKey } from '$lib/core/tables/sources';
	import { dayText } from '$lib/present/time';
	import { tempText, type Habit } from '$lib/present/units';
	import { groupWords } from '$lib/present/words';
	import Why from './Why.svelte';

	let {
		packedOn,
		storage,
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
		habit: Habit;
	} = $props();

	const limiting = $derived(
		storage.limitingPart === null ? null : storage.parts[storage.limitingPart]
	);
	const note = $derived({
		title: 'Best by',
		rule: `The shortest quality time of what is in it, by the low end of the published range. Food kept at ${tempText(-18, habit)} stays safe for longer; it loses quality. A freezer warmer than ${tempText(-18, habit)} shortens it.`,
		inputs: [
			{ name: 'packed on', value: dayText(packedOn, habit) },
			...(limiting
				? [{ name: 'what limits it', value: `${groupWords[limiting.group]}, ${limiting.state}` }]
				: []),
			...(storage.months
				? [
						{
							name: 'months',
							value:
								storage.months.from === storage.months.to
									? String(storage.months.to)
									: `${storage.months.from} to ${storage.months.to}`
						}
					]
				: []),
			{ name: 'freezer set to', value: tempText(storage.freezerC, habit) },
			...(storage.goodTo
				? [{ name: 'high end of the range', value: dayText(storage.goodTo, habit) }]
				: []),
			...(storage.bestBySet
				? [
						{ name: 'the day was written by hand', value: 'yes' },
						{
							name: 'computed',
							value: storage.computedBestBy ? dayText(storage.computedBestBy, habit) : 'no figure'
						}
					]
				: [])
		],
		sources: [storage.source as SourceKey, 'frozen-tolerance' as const]
	});
</script>

<Why {note}><b>{storage.bestBy ? dayText(storage.bestBy, habit) : 'no published figure'}</b></Why>
