<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { ParsedLine } from '$lib/formats/ingredient-line';
	import { lineAmountText } from '$lib/present/amounts';
	import type { Habit } from '$lib/present/habit';
	import { stageWords } from '$lib/present/wording/codes/words';
	import Word from '../kit/Word.svelte';

	let {
		lines,
		habit
	}: {
		habit: Habit;
		lines: readonly Pick<
			ParsedLine,
			| 'text'
			| 'quantity'
			| 'quantityTo'
			| 'unit'
			| 'item'
			| 'itemName'
			| 'cut'
			| 'stage'
			| 'understood'
		>[];
	} = $props();
</script>

<table class="ledger mt-2">
	<thead
		><tr
			><th>{w.linesTable.howMuch}</th><th>{w.linesTable.item}</th><th>{w.linesTable.cut}</th><th
				>{w.linesTable.where}</th
			></tr
		></thead
	>
	<tbody>
		{#each lines as line, i (i)}
			{#if line.understood === 'heading'}
				<tr><th colspan="4" scope="rowgroup">{line.text}</th></tr>
			{:else if line.understood === 'text'}
				<tr>
					<td colspan="3">{line.text}</td>
					<td><Word tone="caution" text={w.linesTable.keptAsText} /></td>
				</tr>
			{:else}
				<tr>
					<td class="whitespace-nowrap">
						{#if line.quantity !== null}
							{lineAmountText(line, habit)}
						{:else}<span class="quiet">{w.linesTable.open}</span>{/if}
					</td>
					<td>
						{line.item}
						{#if line.understood === 'item' && line.quantity !== null}<br /><span class="quiet"
								>{w.linesTable.noWeight}</span
							>{/if}
					</td>
					<td>{line.cut}</td>
					<td class="quiet">{stageWords[line.stage].name}</td>
				</tr>
			{/if}
		{/each}
	</tbody>
</table>
