<script lang="ts">
	import { enhance } from '$app/forms';
	import { handsMin, stepPlaces, type DishStep } from '$lib/core/steps/propose-steps';
	import { durationText } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';

	let { steps, message }: { steps: readonly DishStep[]; message?: string } = $props();
	let rows = $derived(steps.map((step) => ({ ...step })));
	const all = $derived(rows.reduce((sum, step) => sum + step.minutes, 0));

	const set = (at: number, part: Partial<DishStep>) =>
		(rows = rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
	/** "1, 3" as places in the list; only steps above count. */
	const readAfter = (typed: string, at: number): number[] => [
		...new Set(
			(typed.match(/\d+/g) ?? []).map((n) => Number(n) - 1).filter((n) => n >= 0 && n < at)
		)
	];
	/** Without one, those after it move up and wait for what it waited for. */
	function remove(at: number): void {
		const gone = rows[at];
		rows = rows
			.filter((_, i) => i !== at)
			.map((row) => ({
				...row,
				after: [
					...new Set(
						row.after
							.flatMap((before) => (before === at ? gone.after : [before]))
							.map((before) => (before > at ? before - 1 : before))
					)
				]
			}));
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
	const changed = $derived(JSON.stringify(rows) !== JSON.stringify(steps));
</script>

<section class="plate grid gap-2">
	<h2>{w.steps.title}</h2>
	{#if rows.length === 0}
		<p>{w.steps.none}</p>
	{:else}
		<p class="quiet">
			{w.steps.how({ hands: durationText(handsMin(rows, 1)), all: durationText(all) })}
		</p>
	{/if}
	<ol>
		{#each rows as step, i (i)}
			<li class="step">
				<input
					class="entry work"
					aria-label={w.steps.of({ what: w.steps.text, step: i + 1 })}
					value={step.text}
					onchange={(event) => set(i, { text: event.currentTarget.value.slice(0, 200) })}
				/>
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
				{#if i > 0}
					<label class="quiet waits">
						{w.steps.after}
						<input
							class="entry"
							aria-label={w.steps.of({ what: w.steps.after, step: step.text })}
							value={step.after.map((before) => before + 1).join(', ')}
							onchange={(event) => {
								set(i, { after: readAfter(event.currentTarget.value, i) });
								event.currentTarget.value = rows[i].after.map((before) => before + 1).join(', ');
							}}
						/>
					</label>
				{:else}<span></span>{/if}
				<button
					type="button"
					class="gone"
					aria-label={w.steps.remove({ step: step.text })}
					onclick={() => remove(i)}>×</button
				>
			</li>
		{/each}
	</ol>
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
</section>

<style>
	.step {
		display: grid;
		grid-template-columns: 1fr 84px 150px auto 150px 44px;
		gap: 6px;
		align-items: center;
		padding: 4px 0;
	}
	.step :global(.entry) {
		min-height: 44px;
		padding: 4px 8px;
	}
	.waits {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 6px;
		align-items: center;
	}
	.gone {
		width: 44px;
		height: 44px;
		border: 2px solid var(--rim);
		border-radius: 10px;
		font-weight: 700;
		cursor: pointer;
	}
	@media (max-width: 767px) {
		.step {
			grid-template-columns: 84px 1fr auto 44px;
		}
		.work,
		.waits {
			grid-column: 1 / -1;
		}
	}
</style>
