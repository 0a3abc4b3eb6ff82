<script lang="ts">
	import type { Snippet } from 'svelte';
	import * as w from '$lib/present/wording';
	import type { ParsedLine } from '$lib/formats/ingredient-line';
	import { lineAmountText } from '$lib/present/amounts';
	import type { Habit } from '$lib/present/habit';
	import { stageWords } from '$lib/present/wording/codes/words';
	import Word from '../kit/Word.svelte';

	let {
		lines,
		habit,
		under
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
		/** what is to be said of a line, below it */
		under?: Snippet<[number]>;
	} = $props();
</script>

<table class="ledger">
	<thead class="sr-only"
		><tr
			><th>{w.linesTable.howMuch}</th><th>{w.linesTable.item}</th><th>{w.linesTable.where}</th></tr
		></thead
	>
	<tbody>
		{#each lines as line, i (i)}
			{#if line.understood === 'heading'}
				<tr><th colspan="3" scope="rowgroup">{line.text}</th></tr>
			{:else if line.understood === 'text'}
				<tr>
					<td colspan="2">{line.text}</td>
					<td class="stage"><Word tone="caution" text={w.linesTable.keptAsText} /></td>
				</tr>
			{:else}
				<tr>
					<td class="amount">
						{#if line.quantity !== null}
							{lineAmountText(line, habit)}
						{:else}<span class="quiet">{w.linesTable.open}</span>{/if}
					</td>
					<td>
						{line.item}
						{#if line.cut}<span class="quiet">{line.cut}</span>{/if}
						{#if line.understood === 'item' && line.quantity !== null}<span class="quiet"
								>({w.linesTable.noWeight})</span
							>{/if}
						{@render under?.(i)}
					</td>
					<td class="stage">
						{#if line.stage === 'pack'}<span class="quiet">{stageWords[line.stage].name}</span>
						{:else}<Word
								tone={line.stage === 'cook-day' ? 'caution' : 'cold'}
								text={stageWords[line.stage].name}
							/>{/if}
					</td>
				</tr>
			{/if}
		{/each}
	</tbody>
</table>

<style>
	.ledger tr:first-child td {
		border-top: 0;
	}
	.ledger td {
		padding: 6px 10px 6px 0;
	}
	.amount {
		width: 96px;
		font-weight: 700;
		white-space: nowrap;
	}
	.stage {
		text-align: right;
		white-space: nowrap;
	}
</style>
