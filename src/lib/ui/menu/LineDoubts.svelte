<script lang="ts">
	import { type LineCorrection, lineKeys } from '$lib/core/foods';
	import { correctedLine, type ParsedLine } from '$lib/formats/ingredient-line';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import CatalogueNames from './CatalogueNames.svelte';
	import DoubtRow from './DoubtRow.svelte';

	let {
		lines,
		corrections = $bindable(),
		habit
	}: {
		lines: readonly ParsedLine[];
		corrections: Record<string, LineCorrection>;
		habit: Habit;
	} = $props();

	const keys = $derived(lineKeys(lines));
	const open = $derived(
		lines
			.map((line, i) => ({ line: correctedLine(line, corrections[keys[i]]), key: keys[i] }))
			.filter(({ line }) => line.understood !== 'heading' && line.doubts.length > 0)
	);
	const correct = (key: string, part: LineCorrection) =>
		(corrections = { ...corrections, [key]: { ...corrections[key], ...part } });
</script>

{#if open.length > 0}
	<CatalogueNames />
	<h3 class="font-bold">{w.doubts.title({ n: open.length })}</h3>
	<p class="quiet">{w.doubts.how}</p>
	<ul>
		{#each open as { line, key } (`${key}|${line.doubts[0]}`)}
			<DoubtRow {line} {habit} correct={(part) => correct(key, part)} />
		{/each}
	</ul>
{/if}
