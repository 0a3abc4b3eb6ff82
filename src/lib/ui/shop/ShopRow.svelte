<script lang="ts">
	import { enhance } from '$app/forms';
	import { centsText } from '$lib/present/money';
	import { piecesText } from '$lib/present/pieces';
	import { massText, type Habit } from '$lib/present/units';
	import Word from '../kit/Word.svelte';
	import * as w from '$lib/present/wording';
	import type { ShopViewLine } from '$lib/present/shop-view';

	let {
		line,
		ticked,
		ontick,
		paidCents,
		comes,
		error,
		habit
	}: {
		line: ShopViewLine;
		ticked: boolean;
		ontick: (ticked: boolean) => void;
		paidCents: number | null;
		/** what the shop sends of it; null: nothing is on its way */
		comes: string | null;
		error?: string;
		habit: Habit;
	} = $props();

	const amount = $derived(
		line.toBuyKg === null
			? w.shop.open
			: `${massText(line.toBuyKg, habit)}${line.alsoOpen ? ` + ${w.shop.open}` : ''}`
	);
	const pieces = $derived(line.toBuyKg === null ? '' : piecesText(line.toBuyKg, line.pieceKg));
	const packs = $derived(line.packs.map((pack) => `${pack.count} × ${pack.label}`).join(', '));
	const dishes = $derived([...new Set(line.shares.map((share) => share.dish))].join(', '));
	const quiet = $derived(
		[
			packs ? pieces : pieces || w.shop.asNeeded,
			line.fromStockKg > 0 ? w.shop.fromStock({ mass: massText(line.fromStockKg, habit) }) : '',
			line.leftKg > 0.005 ? w.shop.left({ mass: massText(line.leftKg, habit) }) : '',
			line.keeps ? w.shop.keeps[line.keeps] : ''
		]
			.filter(Boolean)
			.join(' · ')
	);
</script>

<li class="row" class:ticked>
	<label class="tick">
		<input
			type="checkbox"
			checked={ticked}
			onchange={(event) => ontick(event.currentTarget.checked)}
		/>
		<span>
			<b class="name">{line.name}</b>
			{packs || amount}
			{#if packs}<span class="quiet">({amount})</span>{/if}
			{#if comes}<Word tone="cold" text={w.shop.comes({ what: comes })} />{/if}
		</span>
	</label>
	<span class="price"
		>{line.wholeCents === null || line.packs.length === 0 ? '' : centsText(line.wholeCents)}</span
	>
	<details class="quiet">
		<summary>{quiet || w.shop.forDishes({ dishes })}</summary>
		<ul class="list-disc pl-5">
			{#each line.shares as share, i (i)}
				<li>
					{share.dish}: {share.text}{share.massKg === null
						? ''
						: ` · ${massText(share.massKg, habit)}`}
				</li>
			{/each}
		</ul>
		{#if line.leftKg > 0.005}
			<p>
				{w.shop.leftHow({ mass: massText(line.leftKg, habit), how: w.shop.keepLeft[line.aisle] })}
			</p>
			{#if line.known}
				<form method="POST" action="?/component" class="no-print" use:enhance>
					<input type="hidden" name="item" value={line.key} />
					<input type="hidden" name="leftKg" value={line.leftKg} />
					<button class="keep" type="submit">{w.shop.asComponent}</button>
				</form>
			{/if}
		{/if}
		<form method="POST" action="?/paid" class="no-print flex items-end gap-2 py-1" use:enhance>
			<input type="hidden" name="key" value={line.key} />
			<label>
				{w.shop.paid}
				<input
					class="entry paid"
					name="paidCents"
					inputmode="decimal"
					value={paidCents === null ? '' : centsText(paidCents)}
				/>
			</label>
			<button class="keep" type="submit">{w.shop.savePaid}</button>
		</form>
		{#if error}<p class="entry-error">{error}</p>{/if}
	</details>
</li>

<style>
	.row {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0 12px;
		border-top: 1px solid var(--hair);
		padding: 4px 0;
	}
	.row:first-child {
		border-top: 0;
	}
	.row details {
		grid-column: 1 / -1;
		padding-left: 36px;
	}
	.row summary {
		cursor: pointer;
		min-height: 28px;
	}
	.price {
		align-self: center;
		font-weight: 700;
	}
	.ticked .name {
		text-decoration: line-through;
		color: var(--soft);
	}
	.paid {
		width: 110px;
	}
	.keep {
		min-height: 44px;
		padding: 0 14px;
		border: 2px solid var(--rim);
		border-radius: 10px;
		font-weight: 700;
		color: var(--ink);
		cursor: pointer;
	}
</style>
