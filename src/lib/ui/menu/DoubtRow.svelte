<script lang="ts">
	import { classAnswers, dried, findItem, type LineCorrection } from '$lib/core/foods';
	import type { ParsedLine } from '$lib/formats/ingredient-line';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import { quantityFromText } from '$lib/schemas/quantity-text';
	import Word from '../kit/Word.svelte';

	let {
		line,
		habit,
		correct
	}: {
		line: Pick<ParsedLine, 'text' | 'itemName' | 'doubts'>;
		habit: Habit;
		correct: (part: LineCorrection) => void;
	} = $props();

	interface Answer {
		label: string;
		part: LineCorrection;
	}
	const asksWeight = $derived(line.doubts.includes('amount') || line.doubts.includes('weight'));
	const doubt = $derived(line.doubts[0]);
	const answers = $derived.by((): Answer[] => {
		const { itemName } = line;
		const classes = classAnswers.map((name) => ({
			label: w.doubts.classes[name],
			part: { itemName: name }
		}));
		switch (doubt) {
			case 'unknown':
				return classes;
			case 'perhaps':
				return [
					{ label: w.doubts.yes({ item: itemName ?? '' }), part: { settled: true } },
					...classes
				];
			case 'dried-or-cooked': {
				const pair = Object.entries(dried).find((names) => names.includes(itemName ?? ''));
				return pair
					? [
							{ label: w.doubts.dried, part: { itemName: pair[1], form: null } },
							{ label: w.doubts.cooked, part: { itemName: pair[0], form: 'canned' } }
						]
					: [{ label: w.doubts.yes({ item: itemName ?? '' }), part: { settled: true } }];
			}
			case 'amount':
			case 'weight':
				return [{ label: w.doubts.weightOpen, part: { settled: true } }];
		}
		return [];
	});
	let typed = $state('');
	let failed = $state('');

	/** Plain words are read as the catalogue's name; a weight as the household types it. */
	function take(): void {
		const words = typed.trim();
		if (words === '') return;
		if (asksWeight) {
			const kg = quantityFromText(words, 'mass', habit);
			if (kg && kg > 0 && kg <= 50)
				correct({ quantity: Math.round(kg * 1000), quantityTo: null, unit: 'g' });
			else failed = w.doubts.noWeight;
			return;
		}
		const item = findItem(words);
		if (item) correct({ itemName: item.name });
		else failed = w.doubts.noItem({ words });
	}

	/** Digits choose: 1 the first answer, and so on. */
	function byKey(event: KeyboardEvent): void {
		if (event.target instanceof HTMLInputElement || event.altKey || event.ctrlKey || event.metaKey)
			return;
		const answer = answers[Number(event.key) - 1];
		if (!answer) return;
		// digits open stations elsewhere
		event.preventDefault();
		event.stopPropagation();
		correct(answer.part);
	}
</script>

<li class="row">
	<p>
		<b>{line.text}</b>
		<Word tone="caution" text={w.doubts.what[doubt ?? 'unknown']({ item: line.itemName ?? '' })} />
	</p>
	<div class="answers" role="group" aria-label={w.doubts.of({ line: line.text })} onkeydown={byKey}>
		{#each answers as answer, i (answer.label)}
			<button type="button" class="chip" onclick={() => correct(answer.part)}>
				<span class="key" aria-hidden="true">{i + 1}</span>{answer.label}
			</button>
		{/each}
		<span class="typed">
			<input
				class="entry"
				list={asksWeight ? undefined : 'catalogue'}
				aria-label={asksWeight
					? w.doubts.weighsOf({ line: line.text })
					: w.doubts.itIsOf({ line: line.text })}
				placeholder={asksWeight ? w.doubts.weighs : w.doubts.itIs}
				bind:value={typed}
				oninput={() => (failed = '')}
				onkeydown={(event) => {
					if (event.key !== 'Enter') return;
					event.preventDefault();
					take();
				}}
			/>
			<button type="button" class="chip" onclick={take} disabled={typed.trim() === ''}
				>{w.doubts.take}</button
			>
		</span>
	</div>
	{#if failed}<p class="entry-error" role="alert">{failed}</p>{/if}
</li>

<style>
	.row {
		display: grid;
		gap: 6px;
		padding: 6px 0 8px;
		border-top: 1px solid var(--hair);
	}
	.answers {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	.chip {
		min-height: 36px;
		padding: 2px 9px;
		border: 1px solid var(--rim);
		border-radius: 8px;
		background: var(--enamel);
		font-size: 15px;
		cursor: pointer;
	}
	.chip:disabled {
		opacity: 0.55;
		cursor: default;
	}
	.key {
		margin-right: 4px;
		font-size: 12px;
		opacity: 0.7;
	}
	.typed {
		display: inline-flex;
		gap: 6px;
	}
	.typed .entry {
		width: 8rem;
		min-height: 36px;
		padding: 4px 8px;
		font-size: 15px;
	}
	@media (max-width: 767px), (pointer: coarse) {
		.chip {
			min-height: 48px;
			padding: 4px 12px;
		}
		.key {
			display: none;
		}
		.typed {
			width: 100%;
		}
		.typed .entry {
			flex: 1;
			min-height: 48px;
		}
	}
</style>
