<script lang="ts">
	import type { Habit } from '$lib/present/habit';
	import { priceText } from '$lib/present/money';
	import * as w from '$lib/present/wording';
	import Word from '../kit/Word.svelte';

	interface Cost {
		dish: string;
		usedCents: number;
		wholeCents: number;
		unpriced: readonly string[];
	}
	let {
		costs,
		servings,
		packs,
		budgetCents,
		habit
	}: {
		costs: readonly Cost[];
		/** by dish */
		servings: Readonly<Record<string, number>>;
		packs: Readonly<Record<string, number>>;
		budgetCents: number | null;
		habit: Habit;
	} = $props();
	const rows = $derived(
		costs.map((cost) => ({ ...cost, each: cost.usedCents / (servings[cost.dish] || 1) }))
	);
	const most = $derived(Math.max(1, (budgetCents ?? 0) * 1.1, ...rows.map(({ each }) => each)));
	const sum = (pick: (cost: Cost) => number) => costs.reduce((all, cost) => all + pick(cost), 0);
	const allServings = $derived(Object.values(servings).reduce((all, n) => all + n, 0));
</script>

<section class="plate">
	<h2>{w.shop.perServing}</h2>
	<ul>
		{#each rows as { dish, each } (dish)}
			{@const over = budgetCents !== null && each > budgetCents}
			<li>
				<span>{dish}</span>
				<svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
					<rect
						y="1"
						width={(each / most) * 100}
						height="8"
						rx="2"
						fill={over ? 'var(--mustard-pale)' : 'var(--leaf-pale)'}
						stroke="var(--rim)"
						vector-effect="non-scaling-stroke"
					/>
					{#if budgetCents !== null}
						<rect
							x={(budgetCents / most) * 100 - 0.5}
							width="1.2"
							height="10"
							fill="var(--ember)"
						/>
					{/if}
				</svg>
				<b>{priceText(each, habit)}</b>
				{#if over}<Word tone="caution" text={w.shop.overBudget} />{/if}
			</li>
		{/each}
	</ul>
	<details>
		<summary class="quiet">{w.shop.costTitle}</summary>
		<table class="ledger">
			<thead>
				<tr
					><th>{w.shop.dish}</th><th>{w.shop.used}</th><th>{w.shop.whole}</th><th
						>{w.shop.perPack}</th
					></tr
				>
			</thead>
			<tbody>
				{#each rows as cost (cost.dish)}
					<tr>
						<td
							>{cost.dish}{#if cost.unpriced.length > 0}<br /><span class="quiet"
									>{w.shop.unpriced({ items: cost.unpriced.join(', ') })}</span
								>{/if}</td
						>
						<td>{priceText(cost.usedCents, habit)}</td>
						<td>{priceText(cost.wholeCents, habit)}</td>
						<td>{packs[cost.dish] ? priceText(cost.usedCents / packs[cost.dish], habit) : ''}</td>
					</tr>
				{/each}
				<tr>
					<td><b>{w.shop.total}</b></td>
					<td
						><b
							>{priceText(
								sum((c) => c.usedCents),
								habit
							)}</b
						></td
					>
					<td
						><b
							>{priceText(
								sum((c) => c.wholeCents),
								habit
							)}</b
						></td
					>
					<td
						><b>{priceText(sum((c) => c.usedCents) / (allServings || 1), habit)}</b>
						{w.shop.perServing}</td
					>
				</tr>
			</tbody>
		</table>
		<p class="quiet mt-1">{w.shop.costHow}</p>
	</details>
</section>

<style>
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 110px 44px auto;
		align-items: center;
		gap: 10px;
		min-height: 32px;
		border-top: 1px solid var(--hair);
		font-size: 15px;
	}
	li:first-child {
		border-top: 0;
	}
	li b {
		text-align: right;
	}
	li :global(.word) {
		grid-column: 1 / -1;
		justify-self: end;
	}
	svg {
		width: 100%;
		height: 14px;
	}
	summary {
		min-height: 32px;
		padding-top: 6px;
		cursor: pointer;
	}
</style>
