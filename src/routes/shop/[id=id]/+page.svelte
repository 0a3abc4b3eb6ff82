<script lang="ts">
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import { untrack, type ComponentProps } from 'svelte';
	import { enhance } from '$app/forms';
	import { aisleNames } from '$lib/core/published/aisles';
	import { centsText } from '$lib/present/money';
	import { dayText } from '$lib/present/time';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import OrderAnswer from '$lib/ui/shop/OrderAnswer.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import ShopRow from '$lib/ui/shop/ShopRow.svelte';
	import { ShopTicks } from '$lib/ui/shop/shop-ticks.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const dayId = $derived(data.day.id);
	const ticks = $derived.by(() => {
		const id = dayId;
		return untrack(() => new ShopTicks(id, data.marks));
	});
	$effect(() => ticks.start());
	// svelte-ignore state_referenced_locally
	let prefer = $state<string>(data.options.prefer);
	const day = $derived(dayText(data.day.onDay, data.habit));
	const toGet = $derived(data.lines.filter((line) => !line.staple && line.toBuyKg !== 0));
	const staples = $derived(data.lines.filter((line) => line.staple));
	const atHome = $derived(
		data.lines.filter((line) => !line.staple && line.toBuyKg === 0 && line.fromStockKg > 0)
	);
	const left = $derived(toGet.filter((line) => !ticks.has(line.key)).length);
	const aisles = $derived(
		aisleNames
			.map((aisle) => ({ aisle, lines: toGet.filter((line) => line.aisle === aisle) }))
			.filter(({ lines }) => lines.length > 0)
	);
	const paid = $derived(new Map(data.marks.map((mark) => [mark.key, mark.paidCents])));
	const comes = $derived(
		new Map(data.marks.flatMap((mark) => (mark.comes ? [[mark.key, mark.comes]] : [])))
	);
	const taken = $derived<ReadonlySet<string>>(new Set(comes.keys()));
	/** the shop's answer stays while its lines are taken one by one */
	let answer = $state<ComponentProps<typeof OrderAnswer>['lines'] | null>(null);
	$effect(() => {
		if (form && 'order' in form && form.order) answer = form.order;
	});
	const sum = (pick: (cost: (typeof data.costs)[number]) => number) =>
		data.costs.reduce((all, cost) => all + pick(cost), 0);
	const paidCents = $derived(data.marks.reduce((all, mark) => all + (mark.paidCents ?? 0), 0));
	const budget = $derived(data.house.budgetCents);
	const servingCents = (dish: string, cents: number) => cents / (data.dishServings[dish] || 1);
</script>

<svelte:head><title>{w.shop.pageTitle({ day })}</title></svelte:head>

<DayBar day={data.bar} at="shop" habit={data.habit} />
<h1 class="mb-2">{w.shop.title({ day })}</h1>

{#if data.lines.length === 0}
	<section class="plate grid gap-3">
		<p>{w.shop.nothing}</p>
		<p><Press href="/menu/day/{dayId}" first>{w.menuDay.title({ day })}</Press></p>
	</section>
{:else}
	<p class="mb-3" role="status">
		<b>{w.shop.lines({ left, all: toGet.length })}</b>
		{#if ticks.unsent > 0}<Word tone="caution" text={w.shop.unsent({ n: ticks.unsent })} />{/if}
	</p>
	<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
		<div class="grid content-start gap-4">
			{#each aisles as { aisle, lines } (aisle)}
				<section class="plate">
					<h2>{w.shop.aisles[aisle]}</h2>
					<ul>
						{#each lines as line (line.key)}
							<ShopRow
								{line}
								ticked={ticks.has(line.key)}
								ontick={(ticked) => ticks.set(line.key, ticked)}
								paidCents={paid.get(line.key) ?? null}
								comes={comes.get(line.key) ?? null}
								error={form && 'errors' in form && form.key === line.key
									? form.errors?.paidCents
									: undefined}
								habit={data.habit}
							/>
						{/each}
					</ul>
				</section>
			{/each}
		</div>
		<div class="grid content-start gap-4">
			<section class="plate no-print grid gap-3">
				<form method="GET" class="flex flex-wrap items-end gap-4">
					<Choice
						name="prefer"
						label={w.shop.prefer}
						bind:value={prefer}
						items={[
							{ value: 'price', name: w.shop.cheapest },
							{ value: 'least-left', name: w.shop.leastLeft }
						]}
					/>
					<label class="tick pb-2"
						><input type="checkbox" name="staples" checked={data.options.withStaples} />
						{w.shop.staples}</label
					>
					<Press type="submit">{w.shop.show}</Press>
				</form>
				<form
					method="POST"
					action="?/order"
					use:enhance={() =>
						({ update }) =>
							update({ reset: false })}
				>
					<Press type="submit">{w.shop.order}</Press>
				</form>
				{#if form && 'orderMessage' in form && form.orderMessage}
					<p class="entry-error" role="alert">{form.orderMessage}</p>
				{/if}
				{#if answer}
					<OrderAnswer lines={answer} {taken} habit={data.habit} />
				{/if}
				<div class="flex flex-wrap gap-3">
					<Press href="/shop/pantry">{w.shop.priceBook}</Press>
					<Press href="/shop/{dayId}/list.csv?prefer={prefer}">{w.shop.csv}</Press>
					<Press href="/shop/{dayId}/list.txt?prefer={prefer}">{w.shop.text}</Press>
					<Press onclick={() => print()}>{w.shop.print}</Press>
				</div>
			</section>
			{#if atHome.length > 0}
				<section class="plate">
					<h2>{w.shop.atHome}</h2>
					<p class="quiet">{w.shop.atHomeHow}</p>
					<ul class="list-disc pl-5">
						{#each atHome as line (line.key)}
							<li>
								{line.name}
								<span class="quiet"
									>{w.shop.fromStock({ mass: massText(line.fromStockKg, data.habit) })}</span
								>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
			{#if staples.length > 0}
				<section class="plate">
					<h2>{w.shop.staplesTitle}</h2>
					<p class="quiet">{w.shop.staplesHow}</p>
					<ul class="flex flex-wrap gap-x-5">
						{#each staples as line (line.key)}
							<li>
								<label class="tick">
									<input
										type="checkbox"
										checked={ticks.has(line.key)}
										onchange={(event) => ticks.set(line.key, event.currentTarget.checked)}
									/>
									{line.name}
									<span class="quiet"
										>{line.massKg === null ? '' : massText(line.massKg, data.habit)}</span
									>
								</label>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
			<section class="plate">
				<h2>{w.shop.costTitle}</h2>
				<table class="ledger mt-1">
					<thead>
						<tr
							><th>{w.shop.dish}</th><th>{w.shop.used}</th><th>{w.shop.whole}</th><th
								>{w.shop.perPack}</th
							><th>{w.shop.perServing}</th></tr
						>
					</thead>
					<tbody>
						{#each data.costs as cost (cost.dish)}
							{@const each = servingCents(cost.dish, cost.usedCents)}
							<tr>
								<td
									>{cost.dish}{#if cost.unpriced.length > 0}<br /><span class="quiet"
											>{w.shop.unpriced({ items: cost.unpriced.join(', ') })}</span
										>{/if}</td
								>
								<td>{centsText(cost.usedCents)}</td>
								<td>{centsText(cost.wholeCents)}</td>
								<td class="max-md:hidden"
									>{data.dishPacks[cost.dish]
										? centsText(cost.usedCents / data.dishPacks[cost.dish])
										: ''}</td
								>
								<td
									>{centsText(each)}
									{#if budget !== null && each > budget}
										<Word tone="caution" text={w.shop.overBudget} />{/if}</td
								>
							</tr>
						{/each}
						<tr>
							<td><b>{w.shop.total}</b></td>
							<td><b>{centsText(sum((c) => c.usedCents))}</b></td>
							<td><b>{centsText(sum((c) => c.wholeCents))}</b></td>
							<td class="max-md:hidden"></td>
							<td><b>{centsText(sum((c) => c.usedCents) / (data.servings || 1))}</b></td>
						</tr>
					</tbody>
				</table>
				{#if paidCents > 0}<p class="mt-1">
						<b>{w.shop.paidSum({ cents: centsText(paidCents) })}</b>
					</p>{/if}
				<p class="quiet mt-1">{w.shop.costHow}</p>
			</section>
		</div>
	</div>
{/if}
