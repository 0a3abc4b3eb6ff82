<script lang="ts">
	import { enhance } from '$app/forms';
	import { type DishStep, handsMin, moveStep, removeStep, stepPlaces } from '$lib/core/steps';
	import type { StepNote } from '$lib/server/services/day/step-notes';
	import { tick } from 'svelte';
	import { durationText } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';

	let {
		steps,
		notes,
		cookDay,
		message
	}: {
		steps: readonly DishStep[];
		/** what is said beside each of them */
		notes: readonly StepNote[];
		/** sentences of the method for the day it is cooked */
		cookDay: readonly string[];
		message?: string;
	} = $props();
	let rows = $derived(steps.map((step) => ({ ...step })));
	const all = $derived(rows.reduce((sum, step) => sum + step.minutes, 0));

	const set = (at: number, part: Partial<DishStep>) =>
		(rows = rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
	/** Whether a step waits for one above it. */
	const wait = (at: number, before: number, waits: boolean) =>
		set(at, {
			after: waits
				? [...rows[at].after, before].sort((a, b) => a - b)
				: rows[at].after.filter((one) => one !== before)
		});
	let dragged = $state<number | null>(null);
	function move(from: number, to: number): void {
		if (to < 0 || to >= rows.length || from === to) return;
		rows = moveStep(rows, from, to);
		// the hand stays on the step it moved
		void tick().then(() => document.getElementById(`step-${to}`)?.focus());
	}
	/** Alt with an arrow moves the step that the hand is on. */
	function byKey(event: KeyboardEvent, at: number): void {
		if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
		event.preventDefault();
		move(at, event.key === 'ArrowUp' ? at - 1 : at + 1);
	}
	const add = () =>
		(rows = [
			...rows,
			{
				text: w.steps.newStep,
				minutes: 5,
				perBatchMin: 2,
				hands: true,
				place: 'bowl',
				after: rows.length ? [rows.length - 1] : []
			}
		]);
	const noteOf = (step: DishStep) => notes[steps.findIndex((one) => one.text === step.text)];
	const waitSet = (typed: string): Partial<DishStep> => ({
		maxWaitMin: typed === '' ? undefined : Math.max(0, Number(typed))
	});
	const changed = $derived(JSON.stringify(rows) !== JSON.stringify(steps));
</script>

<div class="grid gap-2">
	{#if rows.length === 0}
		<p>{w.steps.none}</p>
	{:else}
		<p class="quiet">
			{w.steps.how({ hands: durationText(handsMin(rows, 1)), all: durationText(all) })}
		</p>
	{/if}
	<ol>
		{#each rows as step, i (i)}
			<li
				class="step"
				class:over={dragged !== null && dragged !== i}
				ondragover={(event) => event.preventDefault()}
				ondrop={() => {
					if (dragged !== null) move(dragged, i);
					dragged = null;
				}}
			>
				<button
					type="button"
					class="number"
					draggable="true"
					aria-label={w.steps.moveIt({ step: step.text, n: i + 1 })}
					title={w.steps.moveHow}
					ondragstart={() => (dragged = i)}
					ondragend={() => (dragged = null)}
					onkeydown={(event) => byKey(event, i)}>{i + 1}</button
				>
				<textarea
					id="step-{i}"
					class="entry work"
					rows="2"
					aria-label={w.steps.of({ what: w.steps.text, step: i + 1 })}
					value={step.text}
					onkeydown={(event) => byKey(event, i)}
					onchange={(event) => set(i, { text: event.currentTarget.value.slice(0, 200) })}
				></textarea>
				<input
					class="entry"
					type="number"
					min="0"
					max="2880"
					aria-label={w.steps.of({ what: w.steps.minutes, step: step.text })}
					value={step.minutes}
					onchange={(event) => set(i, { minutes: Number(event.currentTarget.value) })}
				/>
				<select
					class="entry"
					aria-label={w.steps.of({ what: w.steps.place, step: step.text })}
					value={step.place}
					onchange={(event) => set(i, { place: event.currentTarget.value as DishStep['place'] })}
				>
					{#each stepPlaces as place (place)}<option value={place}>{w.steps.places[place]}</option
						>{/each}
				</select>
				<label class="tick">
					<input
						type="checkbox"
						aria-label={w.steps.of({ what: w.steps.hands, step: step.text })}
						checked={step.hands}
						onchange={(event) => set(i, { hands: event.currentTarget.checked })}
					/>
					{w.steps.hands}
				</label>
				{#if noteOf(step)}
					{@const note = noteOf(step)}
					<p class="said quiet">
						{#if note?.sentence}{w.steps.sentence({ sentence: note.sentence })}{/if}
						{#if note && note.lines.length > 0}{w.steps.goesIn({
								lines: note.lines.join(', ')
							})}{/if}
					</p>
				{/if}
				{#if i > 0}
					<details class="waits">
						<summary aria-label={w.steps.of({ what: w.steps.after, step: step.text })}
							>{step.after.length > 0
								? w.steps.afterThese({ steps: step.after.map((before) => before + 1).join(', ') })
								: w.steps.afterNone}</summary
						>
						{#each rows.slice(0, i) as before, b (b)}
							<label class="tick">
								<input
									type="checkbox"
									checked={step.after.includes(b)}
									onchange={(event) => wait(i, b, event.currentTarget.checked)}
								/>
								{b + 1}. {before.text}
							</label>
						{/each}
						<label class="tick">
							{w.steps.waitMost}
							<input
								class="entry wait"
								type="number"
								min="0"
								max="2880"
								placeholder={noteOf(step)?.waitMin?.toString() ?? w.steps.waitAny}
								aria-label={w.steps.of({ what: w.steps.waitMost, step: step.text })}
								value={step.maxWaitMin ?? ''}
								onchange={(event) => set(i, waitSet(event.currentTarget.value))}
							/>
							{w.steps.minutes}
						</label>
						<p class="quiet">{w.steps.waitHow}</p>
					</details>
				{:else}<span></span>{/if}
				<span class="moves">
					<button
						type="button"
						class="gone"
						disabled={i === 0}
						aria-label={w.steps.up({ step: step.text })}
						onclick={() => move(i, i - 1)}>↑</button
					>
					<button
						type="button"
						class="gone"
						disabled={i === rows.length - 1}
						aria-label={w.steps.down({ step: step.text })}
						onclick={() => move(i, i + 1)}>↓</button
					>
				</span>
				<button
					type="button"
					class="gone"
					aria-label={w.steps.remove({ step: step.text })}
					onclick={() => (rows = removeStep(rows, i))}>×</button
				>
			</li>
		{/each}
	</ol>
	{#if cookDay.length > 0}
		<p class="quiet">{w.steps.cookDay({ sentences: cookDay.join('. ') })}</p>
	{/if}
	{#if message}<p class="entry-error" role="alert">{message}</p>{/if}
	<div class="flex flex-wrap gap-3">
		<Press onclick={add}>{w.steps.add}</Press>
		<form
			method="POST"
			action="?/steps"
			use:enhance={() =>
				({ update }) =>
					update({ reset: false })}
		>
			<input type="hidden" name="steps" value={JSON.stringify(rows)} />
			<Press type="submit" disabled={!changed}>{w.steps.keep}</Press>
		</form>
		<form method="POST" action="?/steps" use:enhance>
			<input type="hidden" name="steps" value="" />
			<Press type="submit">{w.steps.anew}</Press>
		</form>
	</div>
</div>

<style>
	/* the words and what moves them on one line, the rest below */
	.step {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 10px;
		align-items: center;
		padding: 8px 0;
		border-top: 1px solid var(--hair);
	}
	.step > * {
		order: 4;
	}
	.step > .number {
		order: 0;
	}
	.step > .work {
		order: 1;
		flex: 1 1 calc(100% - 262px);
		min-width: 100px;
	}
	.step > .moves {
		order: 2;
	}
	.step > .gone {
		order: 3;
	}
	.step > input {
		width: 84px;
		margin-left: 54px;
	}
	.step > select {
		width: 150px;
	}
	.said {
		flex: 1 1 100%;
		margin-left: 54px;
		order: 3;
	}
	.wait {
		width: 84px;
	}
	.waits {
		flex: 1 1 130px;
	}
	.step :global(.entry) {
		min-height: 44px;
		padding: 4px 8px;
	}
	.step.over {
		border-top: 3px solid var(--mustard);
	}
	.waits summary {
		min-height: 44px;
		padding: 10px 0;
		cursor: pointer;
	}
	.moves {
		display: flex;
		gap: 4px;
	}
	.number {
		width: 44px;
		height: 44px;
		border-radius: 10px;
		background: var(--tape);
		font-weight: 700;
		cursor: grab;
	}
	.gone:disabled {
		opacity: 0.35;
		cursor: default;
	}
	.gone {
		width: 44px;
		height: 44px;
		border: 2px solid var(--rim);
		border-radius: 10px;
		font-weight: 700;
		cursor: pointer;
	}
</style>
