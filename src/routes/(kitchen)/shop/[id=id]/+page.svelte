<script lang="ts">
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import PrintIcon from '@lucide/svelte/icons/printer';
	import { untrack, type ComponentProps } from 'svelte';
	import { enhance } from '$app/forms';
	import { aisleNames } from '$lib/core/published';
	import { priceText } from '$lib/present/money';
	import { dayText, dayTitle } from '$lib/present/time';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import OrderAnswer from '$lib/ui/shop/OrderAnswer.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import ServingCosts from '$lib/ui/shop/ServingCosts.svelte';
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
	const usedCents = $derived(sum((cost) => cost.usedCents));
	const wholeCents = $derived(sum((cost) => cost.wholeCents));
</script>

<svelte:head><title>{w.shop.pageTitle({ day })}</title></svelte:head>

<DayBar
	day={data.bar}
	at="shop"
	habit={data.habit}
	title={w.shop.title({ day: dayTitle(data.day.onDay, data.habit) })}
	facts={data.lines.length > 0 ? w.shop.lines({ left, all: toGet.length }) : ''}
>
	{#if data.lines.length > 0}
		<Press onclick={() => print()} look="bare"
			><PrintIcon size={18} aria-hidden="true" />{w.shop.print}</Press
		>
		<form
			method="POST"
			action="?/order"
			use:enhance={() =>
				({ update }) =>
					update({ reset: false })}
		>
			<Press type="submit" first>{w.shop.order}</Press>
		</form>
	{/if}
</DayBar>
{#if form && 'orderMessage' in form && form.orderMessage}
	<p class="entry-error mb-2" role="alert">{form.orderMessage}</p>
{/if}

{#if data.lines.length === 0}
	<section class="plate grid gap-3">
		<p>{w.shop.nothing}</p>
		<p><Press href="/menu/day/{dayId}" first>{w.menuDay.title({ day })}</Press></p>
	</section>
{:else}
	{#if ticks.unsent > 0}<p role="status" class="mb-2">
			<Word tone="caution" text={w.shop.unsent({ n: ticks.unsent })} />
		</p>{/if}
	<div class="grid items-start gap-6 lg:grid-cols-[1fr_380px]">
		<div class="list">
			{#each aisles as { aisle, lines } (aisle)}
				<section>
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
			{#if atHome.length > 0}
				<section>
					<h2>{w.shop.atHome}</h2>
					<p class="quiet">
						{atHome
							.map(
								(line) =>
									`${line.name} (${w.shop.fromStock({ mass: massText(line.fromStockKg, data.habit) })})`
							)
							.join(', ')}. {w.shop.atHomeHow}
					</p>
				</section>
			{/if}
		</div>
		<div class="grid gap-4">
			{#if answer}
				<section class="plate no-print">
					<OrderAnswer lines={answer} {taken} habit={data.habit} />
				</section>
			{/if}
			<section class="plate no-print grid gap-2">
				<p class="money">
					<span><b class="figure">{priceText(wholeCents, data.habit)}</b> {w.shop.atTheTill}</span>
					<span><b>{priceText(usedCents, data.habit)}</b> {w.shop.used}</span>
				</p>
				{#if wholeCents > 0}
					<svg viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true">
						<rect width="100" height="6" rx="1.5" fill="var(--mustard-pale)" />
						<rect width={(usedCents / wholeCents) * 100} height="6" rx="1.5" fill="var(--cold)" />
					</svg>
				{/if}
				{#if paidCents > 0}<p>
						<b>{w.shop.paidSum({ cents: priceText(paidCents, data.habit) })}</b>
					</p>{/if}
				<form method="GET" class="flex flex-wrap items-end gap-x-4 gap-y-1">
					<Choice
						name="prefer"
						label={w.shop.prefer}
						bind:value={prefer}
						items={[
							{ value: 'price', name: w.shop.cheapest },
							{ value: 'least-left', name: w.shop.leastLeft }
						]}
					/>
					<Press type="submit" look="quiet">{w.shop.show}</Press>
					<label class="tick basis-full"
						><input type="checkbox" name="staples" checked={data.options.withStaples} />
						{w.shop.staples}</label
					>
				</form>
				<p class="flex flex-wrap gap-x-5">
					<a href="/shop/pantry" class="py-2">{w.shop.priceBook}</a>
					<a href="/shop/{dayId}/list.txt?prefer={prefer}" class="py-2">{w.shop.text}</a>
					<a href="/shop/{dayId}/list.csv?prefer={prefer}" class="py-2">{w.shop.csv}</a>
				</p>
			</section>
			<div class="no-print">
				<ServingCosts
					costs={data.costs}
					servings={data.dishServings}
					packs={data.dishPacks}
					budgetCents={data.house.budgetCents}
					habit={data.habit}
				/>
			</div>
			{#if staples.length > 0}
				<section>
					<h2>{w.shop.staplesTitle}</h2>
					<p class="quiet">{w.shop.staplesHow}</p>
					<ul class="chips">
						{#each staples as line (line.key)}
							<li>
								<label class="chip" class:there={ticks.has(line.key)}>
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
		</div>
	</div>
{/if}

<style>
	.list h2 {
		padding: 4px 0 4px;
		color: var(--cold);
		font-size: 16px;
	}
	.list section + section {
		margin-top: 6px;
	}
	.money {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		gap: 10px;
	}
	.figure {
		font-size: 30px;
		line-height: 1.1;
	}
	svg {
		width: 100%;
		height: 14px;
	}
	.chips {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
		padding-top: 6px;
	}
	.chip {
		display: flex;
		align-items: center;
		gap: 8px;
		min-height: 38px;
		padding: 0 10px;
		border-radius: 6px;
		background: color-mix(in srgb, var(--cold-pale) 50%, transparent);
		font-weight: 600;
		cursor: pointer;
	}
	.chip.there {
		background: var(--leaf-pale);
	}
	.chip input {
		width: 20px;
		height: 20px;
		accent-color: var(--rim);
	}
	@media (max-width: 767px) {
		.chip {
			min-height: 44px;
		}
	}
	@media print {
		.list {
			columns: 2;
			column-gap: 24px;
		}
		.list section {
			break-inside: auto;
		}
		.list h2 {
			break-after: avoid;
		}
	}
</style>
