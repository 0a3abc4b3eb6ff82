<script lang="ts">
	import { enhance } from '$app/forms';
	import MoreIcon from '@lucide/svelte/icons/ellipsis';
	import { centsText, priceText } from '$lib/present/money';
	import { piecesText } from '$lib/present/pieces';
	import { massText, type Habit } from '$lib/present/units';
	import Press from '../kit/Press.svelte';
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

	let opened = $state(false);
	const open = $derived(opened || Boolean(error));
	const amount = $derived(
		line.toBuyKg === null
			? w.shop.open
			: `${massText(line.toBuyKg, habit)}${line.alsoOpen ? ` + ${w.shop.open}` : ''}`
	);
	const pieces = $derived(line.toBuyKg === null ? '' : piecesText(line.toBuyKg, line.pieceKg));
	const packs = $derived(line.packs.map((pack) => `${pack.count} × ${pack.label}`).join(', '));
	const quiet = $derived(
		[
			packs ? pieces : pieces || w.shop.asNeeded,
			line.fromStockKg > 0 ? w.shop.fromStock({ mass: massText(line.fromStockKg, habit) }) : '',
			line.leftKg > 0.005 ? w.shop.left({ mass: massText(line.leftKg, habit) }) : ''
		]
			.filter(Boolean)
			.join(' · ')
	);
	const dishes = $derived([...new Set(line.shares.map((share) => share.dish))].join(', '));
</script>

<li class="row" class:ticked>
	<label class="what">
		<input
			type="checkbox"
			checked={ticked}
			onchange={(event) => ontick(event.currentTarget.checked)}
		/>
		<b class="name">{line.name}</b>
		<span class="amount"
			>{packs || amount}
			{#if packs}<span class="quiet">({amount})</span>{/if}</span
		>
		<span class="quiet more">
			{quiet}
			{#if comes}<Word tone="cold" text={w.shop.comes({ what: comes })} />{/if}
			{#if line.keeps}<Word tone="cold" text={w.shop.keeps[line.keeps]} />{/if}
		</span>
	</label>
	<span class="price"
		>{paidCents !== null
			? priceText(paidCents, habit)
			: line.wholeCents === null || line.packs.length === 0
				? ''
				: priceText(line.wholeCents, habit)}</span
	>
	<button
		type="button"
		class="open no-print"
		aria-expanded={open}
		aria-label={w.shop.about({ item: line.name })}
		onclick={() => (opened = !open)}><MoreIcon size={20} aria-hidden="true" /></button
	>
	{#if open}
		<div class="detail quiet no-print">
			<p>{w.shop.forDishes({ dishes })}</p>
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
					<form method="POST" action="?/component" use:enhance>
						<input type="hidden" name="item" value={line.key} />
						<input type="hidden" name="leftKg" value={line.leftKg} />
						<Press type="submit" look="quiet">{w.shop.asComponent}</Press>
					</form>
				{/if}
			{/if}
			<form method="POST" action="?/paid" class="flex items-end gap-2 py-1" use:enhance>
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
				<Press type="submit" look="quiet">{w.shop.savePaid}</Press>
			</form>
			{#if error}<p class="entry-error">{error}</p>{/if}
		</div>
	{/if}
</li>

<style>
	.row {
		display: grid;
		grid-template-columns: 1fr 64px 44px;
		align-items: center;
		border-top: 1px solid var(--hair);
	}
	.what {
		display: grid;
		grid-template-columns: 24px minmax(0, 168px) minmax(0, 1fr) minmax(0, 1fr);
		align-items: center;
		gap: 0 14px;
		min-height: 40px;
		padding: 2px 0;
		cursor: pointer;
	}
	.what input {
		width: 24px;
		height: 24px;
		accent-color: var(--rim);
	}
	.price {
		text-align: right;
		font-weight: 700;
	}
	.ticked .what,
	.ticked .price {
		opacity: 0.62;
	}
	.ticked .name {
		text-decoration: line-through;
	}
	.open {
		display: grid;
		place-items: center;
		min-height: 40px;
		border: 0;
		background: none;
		color: var(--soft);
		cursor: pointer;
	}
	.detail {
		grid-column: 1 / -1;
		padding: 2px 0 10px 38px;
	}
	.paid {
		width: 110px;
	}
	@media (max-width: 767px) {
		.what {
			grid-template-columns: 24px minmax(0, 1fr);
			min-height: 52px;
			padding: 5px 0;
		}
		.amount,
		.more {
			grid-column: 2;
		}
	}
	@media print {
		.row {
			grid-template-columns: 1fr 60px;
			break-inside: avoid;
		}
		.what {
			display: block;
			min-height: 0;
			padding: 1px 0;
			font-size: 12px;
			line-height: 1.3;
		}
		.what input {
			width: 12px;
			height: 12px;
			margin-right: 6px;
		}
		.what :global(.quiet) {
			font-size: 11px;
		}
		.price {
			font-size: 12px;
		}
	}
</style>
