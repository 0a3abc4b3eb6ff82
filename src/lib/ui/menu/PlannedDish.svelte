<script lang="ts">
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import PlusIcon from '@lucide/svelte/icons/plus';
	import RemoveIcon from '@lucide/svelte/icons/x';
	import { destinations, type Portion } from '$lib/core/menu';
	import type { Habit } from '$lib/present/habit';
	import { priceText } from '$lib/present/money';
	import { durationText } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import Word from '../kit/Word.svelte';

	let {
		dish,
		unplaced,
		waitPacks,
		cost,
		habit
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
			servings: number;
			handsMin: number;
			/** what cooks longest by itself; 0: nothing does */
			cooksMin: number;
		};
		unplaced: number;
		waitPacks: number;
		cost?: { usedCents: number; wholeCents: number };
		habit: Habit;
	} = $props();

	const say = w.menuDay;
	let batches = $derived(dish.batches);
	let portions = $derived(dish.portions.map((portion) => ({ ...portion })));
	let form = $state<HTMLFormElement>();
	/** the portion that is being corrected */
	let open = $state<number | null>(null);

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
	function another(): void {
		open = portions.length;
		const servings = Math.max(1, Math.min(99, unplaced));
		changed({ portions: [...portions, { to: 'freezer', packs: 1, servings }] });
	}
	const asJson = (of: { batches: number; portions: Portion[] }) =>
		JSON.stringify({
			batches: of.batches,
			portions: of.portions.map(({ to, packs, servings }) => ({ to, packs, servings }))
		});
	const planned = $derived(asJson({ batches, portions }));
	// what was there when it was last read, or what was sent from here since: nobody writes over what he has not seen
	let seen = $derived(asJson(dish));
	const facts = $derived(
		[
			say.hands({ time: durationText(dish.handsMin) }),
			dish.cooksMin > 0 ? say.cooks({ time: durationText(dish.cooksMin) }) : '',
			waitPacks > 0 ? say.waits({ n: waitPacks }) : ''
		]
			.filter(Boolean)
			.join(' · ')
	);
	const tones = { freezer: 'cold', refrigerator: 'good', tonight: 'refused', given: 'caution' };
</script>

<li class="row">
	<div class="name">
		<h2>
			<a href="/menu/{dish.dishId}">{dish.name}</a>
			{#if dish.state === 'raw'}<Word tone="caution" text={dish.state} />{/if}
		</h2>
		<p class="quiet">
			{facts}
			{#if unplaced > 0}<Word tone="caution" text={say.left({ n: unplaced })} />
			{:else if unplaced < 0}<Word tone="refused" text={say.over({ n: -unplaced })} />
			{:else}<span class="sr-only">{say.allPlaced}</span>{/if}
		</p>
		{#if dish.note}<p class="note">“{dish.note}”</p>{/if}
	</div>
	<div class="made">
		<button
			type="button"
			aria-label={say.fewer({ dish: dish.name })}
			disabled={batches <= 1}
			onclick={() => changed({ batches: batches - 1 })}>−</button
		>
		<b aria-live="polite">{batches}</b>
		<button
			type="button"
			aria-label={say.more({ dish: dish.name })}
			disabled={batches >= 20}
			onclick={() => changed({ batches: batches + 1 })}>+</button
		>
	</div>
	<div class="where">
		{#each portions as portion, i (i)}
			<button
				type="button"
				class="chip {tones[portion.to]}"
				aria-expanded={open === i}
				aria-label="{dish.name}: {portion.packs} × {portion.servings}, {say.to[portion.to]}"
				onclick={() => (open = open === i ? null : i)}
				>{portion.packs} × {portion.servings}{portion.to === 'freezer'
					? ''
					: ` ${say.to[portion.to]}`}</button
			>
		{/each}
		<button type="button" class="plus" aria-label={say.addPortion} onclick={another}>
			<PlusIcon size={18} aria-hidden="true" />
		</button>
	</div>
	<p class="cost">
		{#if cost && cost.usedCents > 0 && dish.servings > 0}{priceText(
				cost.usedCents / dish.servings,
				habit
			)}{/if}
	</p>
	<form method="POST" action="?/drop" use:enhance>
		<input type="hidden" name="id" value={dish.id} />
		<button type="submit" class="plus" aria-label={say.drop({ dish: dish.name })}>
			<RemoveIcon size={18} aria-hidden="true" />
		</button>
	</form>
	{#if open !== null && portions[open]}
		{@const i = open}
		{@const portion = portions[i]}
		<div class="edit">
			<input
				class="entry count"
				type="number"
				min="1"
				max="99"
				aria-label="{dish.name}: {say.packs}"
				value={portion.packs}
				onchange={(event) => setPortion(i, { packs: whole(event, portion.packs) })}
			/>
			<span>{say.packsOf({ n: portion.packs })}</span>
			<input
				class="entry count"
				type="number"
				min="1"
				max="99"
				aria-label="{dish.name}: {say.servingsEach}"
				value={portion.servings}
				onchange={(event) => setPortion(i, { servings: whole(event, portion.servings) })}
			/>
			<span>{say.servingsEach}</span>
			{#if dish.pieces}
				<span class="quiet">
					{say.piecesEach({
						n: Math.max(1, Math.round(dish.pieces.perServing * portion.servings)),
						name: dish.pieces.name
					})}
				</span>
			{/if}
			<select
				class="entry to"
				aria-label="{dish.name}: {say.where}"
				value={portion.to}
				onchange={(event) => setPortion(i, { to: event.currentTarget.value as Portion['to'] })}
			>
				{#each destinations as to (to)}<option value={to}>{say.to[to]}</option>{/each}
			</select>
			<button
				type="button"
				class="plus"
				aria-label="{dish.name}: {say.dropPortion}"
				onclick={() => {
					open = null;
					changed({ portions: portions.filter((_, k) => k !== i) });
				}}><RemoveIcon size={18} aria-hidden="true" /></button
			>
			{#if portion.to === 'refrigerator'}<p class="quiet">{say.fridgeDays}</p>{/if}
		</div>
	{/if}
	<form
		method="POST"
		action="?/set"
		class="hidden"
		bind:this={form}
		use:enhance={() => {
			seen = planned;
			return async ({ update, result }) => {
				await update({ reset: false });
				if (result.type === 'failure') await invalidateAll();
			};
		}}
	>
		<input type="hidden" name="id" value={dish.id} />
		<input type="hidden" name="planned" value={planned} />
		<input type="hidden" name="seen" value={seen} />
	</form>
</li>

<style>
	.row {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 116px 212px 60px 40px;
		align-items: center;
		gap: 4px 10px;
		min-height: 58px;
		padding: 5px 0;
		border-top: 1px solid var(--hair);
	}
	h2 {
		font-size: 16px;
	}
	h2 a {
		text-decoration: none;
	}
	h2 a:hover {
		text-decoration: underline;
	}
	.note {
		display: inline-block;
		background: var(--tape);
		padding: 0 8px;
		font-size: 14px;
	}
	.made {
		display: grid;
		grid-template-columns: 1fr auto 1fr;
		align-items: center;
		justify-items: center;
		border: 2px solid var(--rim);
		border-radius: 9px;
	}
	.made b {
		min-width: 24px;
		text-align: center;
	}
	.made button,
	.plus {
		min-height: 40px;
		min-width: 40px;
		border: 0;
		background: none;
		color: var(--ink);
		font-size: 19px;
		font-weight: 700;
		cursor: pointer;
		display: grid;
		place-items: center;
	}
	.plus {
		color: var(--soft);
	}
	.made button:disabled {
		opacity: 0.4;
		cursor: default;
	}
	.where {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px;
	}
	.chip {
		min-height: 36px;
		padding: 0 9px;
		border: 1.5px solid currentColor;
		border-radius: 5px;
		font-size: 14px;
		font-weight: 700;
		cursor: pointer;
	}
	.chip.cold {
		background: var(--cold-pale);
		color: var(--cold);
	}
	.chip.good {
		background: var(--leaf-pale);
		color: var(--leaf);
	}
	.chip.refused {
		background: var(--ember-pale);
		color: var(--ember);
	}
	.chip.caution {
		background: var(--mustard-pale);
		color: var(--mustard);
	}
	.cost {
		text-align: right;
		font-weight: 700;
	}
	.edit {
		grid-column: 1 / -1;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px;
		padding: 6px 10px;
		background: var(--frost);
		border-radius: 8px;
	}
	.count {
		width: 76px;
	}
	.to {
		width: auto;
		min-width: 150px;
	}
	@media (max-width: 767px) {
		.row {
			grid-template-columns: 136px minmax(0, 1fr) 50px 44px;
		}
		.name {
			grid-column: 1 / 3;
		}
		.made {
			grid-row: 2;
			grid-column: 1;
		}
		.where {
			grid-row: 2;
			grid-column: 2 / -1;
		}
		.made button,
		.plus,
		.chip {
			min-height: 44px;
			min-width: 44px;
		}
	}
	@media print {
		.made button,
		.plus {
			display: none;
		}
		.row {
			min-height: 0;
			break-inside: avoid;
		}
	}
</style>
