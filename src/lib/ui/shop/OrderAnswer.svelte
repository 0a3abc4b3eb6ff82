<script lang="ts">
	import type { Substitute } from '$lib/core/shopping/substitutes';
	import type { Habit } from '$lib/present/habit';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';

	let {
		lines,
		habit
	}: {
		lines: readonly {
			item: string;
			label: string;
			is: 'there' | 'fewer' | 'other-size' | 'missing';
			left?: number;
			offer?: { label: string };
			substitutes: Substitute[];
		}[];
		habit: Habit;
	} = $props();

	const there = $derived(lines.filter((line) => line.is === 'there').length);
	const otherwise = $derived(lines.filter((line) => line.is !== 'there'));
	function said(line: (typeof lines)[number]): string {
		if (line.is === 'fewer') return w.shop.fewer({ left: line.left ?? 0, label: line.label });
		if (line.is === 'other-size') return w.shop.otherSize({ label: line.offer?.label ?? '' });
		return w.shop.missing;
	}
</script>

<div role="status">
	<h2>{w.shop.orderTitle}</h2>
	<p>{otherwise.length === 0 ? w.shop.orderAll : w.shop.there({ n: there })}</p>
	<ul class="list-disc pl-5">
		{#each otherwise as line, i (i)}
			<li>
				<b>{line.item}</b>: {said(line)}
				{#if line.substitutes.length > 0}
					<br /><span class="quiet"
						>{w.shop.insteadOf}
						{line.substitutes
							.slice(0, 3)
							.map(
								(one) =>
									w.shop.instead({ item: one.itemName, mass: massText(one.massKg, habit) }) +
									(one.from === 'line' ? ` (${w.shop.fromLine})` : '')
							)
							.join(', ')}</span
					>
				{/if}
			</li>
		{/each}
	</ul>
</div>
