<script lang="ts">
	import { enhance } from '$app/forms';
	import { destinations, type Portion } from '$lib/core/menu/day-totals';
	import { centsText } from '$lib/present/money';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';
	import Word from '../kit/Word.svelte';

	let {
		dish,
		unplaced,
		waitPacks,
		cost
	}: {
		dish: {
			id: number;
			dishId: number;
			name: string;
			/** the latest note on it */
			note: string | null;
			state: 'raw' | 'cooked';
			batches: number;
			portions: Portion[];
			/** pieces of a serving, where it comes in pieces */
			pieces: { perServing: number; name: string } | null;
		};
		unplaced: number;
		waitPacks: number;
		cost?: { usedCents: number; wholeCents: number };
	} = $props();

	let batches = $derived(dish.batches);
	let portions = $derived(dish.portions.map((portion) => ({ ...portion })));
	let form = $state<HTMLFormElement>();

	/** Changes are kept at once; the totals beside follow. */
	function changed(next: { batches?: number; portions?: Portion[] }): void {
		batches = next.batches ?? batches;
		portions = next.portions ?? portions;
		queueMicrotask(() => form?.requestSubmit());
	}
	const setPortion = (at: number, part: Partial<Portion>) =>
		changed({
			portions: portions.map((portion, i) => (i === at ? { ...portion, ...part } : portion))
		});
	const whole = (event: Event, otherwise: number) => {
		const value = Math.round(Number((event.currentTarget as HTMLInputElement).value));
		return value >= 1 && value <= 99 ? value : otherwise;
	};
	const planned = $derived(JSON.stringify({ batches, portions }));
</script>

<section class="plate grid gap-2">
	<div class="flex flex-wrap items-center justify-between gap-3">
		<h2>
			<a href="/menu/{dish.dishId}">{dish.name}</a>
			<Word tone={dish.state === 'raw' ? 'caution' : 'cold'} text={dish.state} />
		</h2>
		<div class="flex items-center gap-2">
			<span class="quiet">{w.menuDay.times}</span>
			<button
				type="button"
				class="step"
				aria-label={w.menuDay.fewer({ dish: dish.name })}
				disabled={batches <= 1}
				onclick={() => changed({ batches: batches - 1 })}>−</button
			>
			<b class="min-w-6 text-center" aria-live="polite">{batches}</b>
			<button
				type="button"
				class="step"
				aria-label={w.menuDay.more({ dish: dish.name })}
				disabled={batches >= 20}
				onclick={() => changed({ batches: batches + 1 })}>+</button
			>
		</div>
	</div>
	{#if dish.note}<p class="tape px-2">“{dish.note}”</p>{/if}
	{#each portions as portion, i (i)}
		<div class="flex flex-wrap items-center gap-2">
			<input
				class="entry count"
				type="number"
				min="1"
				max="99"
				aria-label="{dish.name}: {w.menuDay.packs}"
				value={portion.packs}
				onchange={(event) => setPortion(i, { packs: whole(event, portion.packs) })}
			/>
			<span>{w.menuDay.packsOf({ n: portion.packs })}</span>
			<input
				class="entry count"
				type="number"
				min="1"
				max="99"
				aria-label="{dish.name}: {w.menuDay.servingsEach}"
				value={portion.servings}
				onchange={(event) => setPortion(i, { servings: whole(event, portion.servings) })}
			/>
			<span>{w.menuDay.servingsEach}</span>
			{#if dish.pieces}
				<span class="quiet">
					{w.menuDay.piecesEach({
						n: Math.max(1, Math.round(dish.pieces.perServing * portion.servings)),
						name: dish.pieces.name
					})}
				</span>
			{/if}
			<select
				class="entry where"
				aria-label="{dish.name}: {w.menuDay.where}"
				value={portion.to}
				onchange={(event) => setPortion(i, { to: event.currentTarget.value as Portion['to'] })}
			>
				{#each destinations as to (to)}<option value={to}>{w.menuDay.to[to]}</option>{/each}
			</select>
			<button
				type="button"
				class="step"
				aria-label="{dish.name}: {w.menuDay.dropPortion}"
				onclick={() => changed({ portions: portions.filter((_, k) => k !== i) })}>×</button
			>
		</div>
	{/each}
	<div class="flex flex-wrap items-center gap-3">
		<button
			type="button"
			class="link"
			onclick={() =>
				changed({
					portions: [
						...portions,
						{ to: 'freezer', packs: 1, servings: Math.max(1, Math.min(99, unplaced)) }
					]
				})}>{w.menuDay.addPortion}</button
		>
		<span class="quiet">
			{#if unplaced > 0}<Word tone="caution" text={w.menuDay.left({ n: unplaced })} />
			{:else if unplaced < 0}<Word tone="refused" text={w.menuDay.over({ n: -unplaced })} />
			{:else}{w.menuDay.allPlaced}{/if}
			{#if waitPacks > 0}· {w.menuDay.waits({ n: waitPacks })}{/if}
			{#if cost && cost.wholeCents > 0}· {w.menuDay.cost({
					used: centsText(cost.usedCents),
					whole: centsText(cost.wholeCents)
				})}{/if}
		</span>
		<form method="POST" action="?/drop" class="ml-auto" use:enhance>
			<input type="hidden" name="id" value={dish.id} />
			<Press type="submit" aria-label={w.menuDay.drop({ dish: dish.name })}
				>{w.menuDay.dropShort}</Press
			>
		</form>
	</div>
	{#if portions.some((portion) => portion.to === 'refrigerator')}
		<p class="quiet">{w.menuDay.fridgeDays}</p>
	{/if}
	<form
		method="POST"
		action="?/set"
		bind:this={form}
		use:enhance={() =>
			({ update }) =>
				update({ reset: false })}
	>
		<input type="hidden" name="id" value={dish.id} />
		<input type="hidden" name="planned" value={planned} />
	</form>
</section>

<style>
	.step {
		width: 48px;
		height: 48px;
		border: 2px solid var(--rim);
		border-radius: 10px;
		font-size: 20px;
		font-weight: 700;
		cursor: pointer;
	}
	.step:disabled {
		opacity: 0.4;
		cursor: default;
	}
	.count {
		width: 76px;
	}
	.where {
		width: auto;
		min-width: 150px;
	}
	.link {
		text-decoration: underline;
		text-underline-offset: 3px;
		cursor: pointer;
		min-height: 44px;
	}
</style>
