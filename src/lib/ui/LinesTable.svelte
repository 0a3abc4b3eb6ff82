<script lang="ts">
	import type { ParsedLine } from '$lib/formats/ingredient-line';
	import { stageWords } from '$lib/present/words';
	import Word from './Word.svelte';

	let {
		lines
	}: {
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

	const number = (value: number) => String(Math.round(value * 100) / 100);
</script>

<table class="ledger mt-2">
	<thead><tr><th>how much</th><th>item</th><th>cut</th><th>where</th></tr></thead>
	<tbody>
		{#each lines as line, i (i)}
			{#if line.understood === 'text'}
				<tr>
					<td colspan="3">{line.text}</td>
					<td><Word tone="caution" text="kept as text" /></td>
				</tr>
			{:else}
				<tr>
					<td class="whitespace-nowrap">
						{#if line.quantity !== null}
							{number(line.quantity)}{#if line.quantityTo !== null}–{number(line.quantityTo)}{/if}
							{line.unit === 'piece' ? '' : (line.unit ?? '')}
						{:else}<span class="quiet">open</span>{/if}
					</td>
					<td>
						{line.item}
						{#if line.understood === 'item' && line.quantity !== null}<br /><span class="quiet"
								>weight not known</span
							>{/if}
					</td>
					<td>{line.cut}</td>
					<td class="quiet">{stageWords[line.stage].name}</td>
				</tr>
			{/if}
		{/each}
	</tbody>
</table>
