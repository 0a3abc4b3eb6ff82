<script lang="ts">
	import {
		findItem,
		type LineCorrection,
		type LineForm,
		lineForms,
		lineKeys,
		type LineStage,
		otherItems
	} from '$lib/core/foods';
	import {
		correctedLine,
		parseIngredientLines,
		type ParsedLine
	} from '$lib/formats/ingredient-line';
	import { lineAmountText } from '$lib/present/amounts';
	import type { Habit } from '$lib/present/habit';
	import { stageWords } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';
	import LineDoubts from './LineDoubts.svelte';

	let {
		text,
		corrections = $bindable(),
		habit
	}: {
		/** the pasted lines */
		text: string;
		corrections: Record<string, LineCorrection>;
		habit: Habit;
	} = $props();

	const lines = $derived(parseIngredientLines(text));
	const keys = $derived(lineKeys(lines));
	const rows = $derived(
		lines.map((line, i) => ({ ...correctedLine(line, corrections[keys[i]]), key: keys[i] }))
	);
	let opened = $state<string | null>(null);
	const correct = (key: string, part: LineCorrection) =>
		(corrections = { ...corrections, [key]: { ...corrections[key], ...part } });
	function reset(key: string): void {
		const { [key]: _gone, ...rest } = corrections;
		corrections = rest;
	}
	/** Plain words are read as the catalogue's name; what it does not know leaves the item as it was. */
	function setItem(line: ParsedLine & { key: string }, input: HTMLInputElement): void {
		const item = findItem(input.value);
		if (item) correct(line.key, { itemName: item.name });
		input.value = item?.name ?? line.itemName ?? '';
	}
	/** What the line names: its own item, and what stands beside it ("butter and flour"). */
	const also = ({ text: said, itemName }: ParsedLine) =>
		itemName ? [itemName, ...otherItems(said, itemName).map(({ name }) => name)] : [];
	const itemsOf = (typed: string) => typed.split(',').flatMap((word) => findItem(word)?.name ?? []);
</script>

<LineDoubts {lines} bind:corrections {habit} />
<p class="quiet mt-2">{w.linesEditor.how}</p>
<ul class="mt-1">
	{#each rows as line (line.key)}
		{@const of = (what: string) => w.linesEditor.of({ what, line: line.text })}
		{#if line.understood === 'heading'}
			<li class="line heading">{line.text}</li>
		{:else}
			<li class="line">
				<button
					type="button"
					class="read"
					aria-expanded={opened === line.key}
					aria-label={w.linesEditor.change({ line: line.text })}
					onclick={() => (opened = opened === line.key ? null : line.key)}
				>
					<b>{lineAmountText(line, habit)}</b>
					<span>{line.item}{line.cut ? `, ${line.cut}` : ''}</span>
					<span class="quiet">
						{#if line.itemName && line.itemName !== line.item}{also(line).join(', ')}{/if}
						{#if line.stage !== 'pack'}· {stageWords[line.stage].name}{/if}
						{#if line.optional}· {w.linesEditor.optional}{/if}
					</span>
					{#if line.understood === 'text'}<span class="word caution">{w.linesTable.keptAsText}</span
						>{:else if line.doubts.length > 0}<span class="word caution">?</span>{/if}
				</button>
				{#if opened === line.key}
					<div class="fields">
						<input
							class="entry"
							list="catalogue"
							aria-label={of(w.linesEditor.item)}
							placeholder={w.linesEditor.unknown}
							value={line.itemName ?? ''}
							onchange={(event) => setItem(line, event.currentTarget)}
						/>
						<input
							class="entry"
							aria-label={of(w.linesEditor.cut)}
							placeholder={w.linesEditor.cut}
							value={line.cut}
							onchange={(event) =>
								correct(line.key, { cut: event.currentTarget.value.slice(0, 120) })}
						/>
						<select
							class="entry"
							aria-label={of(w.linesEditor.where)}
							value={line.stage}
							onchange={(event) =>
								correct(line.key, { stage: event.currentTarget.value as LineStage })}
						>
							{#each Object.entries(stageWords) as [stage, words] (stage)}
								<option value={stage}>{words.name}</option>
							{/each}
						</select>
						<select
							class="entry"
							aria-label={of(w.linesEditor.form)}
							value={line.form ?? ''}
							onchange={(event) =>
								correct(line.key, { form: (event.currentTarget.value || null) as LineForm | null })}
						>
							<option value="">{w.linesEditor.noForm}</option>
							{#each lineForms as form (form)}<option value={form}
									>{w.linesEditor.forms[form]}</option
								>{/each}
						</select>
						<input
							class="entry"
							aria-label={of(w.linesEditor.alternatives)}
							placeholder={w.linesEditor.alternatives}
							value={line.alternatives.join(', ')}
							onchange={(event) => {
								const alternatives = itemsOf(event.currentTarget.value);
								correct(line.key, { alternatives });
								event.currentTarget.value = alternatives.join(', ');
							}}
						/>
						<label class="tick">
							<input
								type="checkbox"
								aria-label={of(w.linesEditor.optional)}
								checked={line.optional}
								onchange={(event) => correct(line.key, { optional: event.currentTarget.checked })}
							/>
							{w.linesEditor.optional}
						</label>
						{#if corrections[line.key]}
							<button type="button" class="reset" onclick={() => reset(line.key)}
								>{w.linesEditor.reset}</button
							>
						{/if}
					</div>
				{/if}
			</li>
		{/if}
	{/each}
</ul>

<style>
	.line {
		border-top: 1px solid var(--hair);
	}
	.heading {
		padding: 8px 0 2px;
		font-weight: 700;
	}
	.read {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 8px;
		align-items: baseline;
		width: 100%;
		min-height: 44px;
		padding: 6px 0;
		text-align: left;
		cursor: pointer;
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
		gap: 6px;
		align-items: center;
		padding-bottom: 10px;
	}
	.fields :global(.entry) {
		min-height: 44px;
		padding: 4px 8px;
		font-size: 15px;
	}
	.reset {
		min-height: 44px;
		text-decoration: underline;
		cursor: pointer;
	}
</style>
