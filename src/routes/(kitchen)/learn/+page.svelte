<script lang="ts">
	import { enhance } from '$app/forms';
	import { dishInUse, paceInUse, proposalTitle } from '$lib/present/learn-words';
	import type { ApplianceName } from '$lib/core/appliances';
	import { priceText } from '$lib/present/money';
	import { durationText } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import FigureChart from '$lib/ui/learn/FigureChart.svelte';
	import { costBars, flowBars, forecastDots, monthBars } from '$lib/ui/learn/figures-as-charts';
	import KeyFigure from '$lib/ui/learn/KeyFigure.svelte';
	import WorthChanging from '$lib/ui/learn/WorthChanging.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const { figures, habit, budgetCents } = $derived(data);
	const span = $derived(figures.span.name);
	const at = (list: string, part?: string) =>
		`/learn/${list}?span=${span}${part ? `&part=${encodeURIComponent(part)}` : ''}`;
	const csv = (of: string) => `/learn/chart.csv?of=${of}&span=${span}`;
	const money = (cents: number) => priceText(cents, habit);
	const isEmpty = $derived(
		figures.made + figures.eaten + figures.thrown.packs === 0 && figures.months.length === 0
	);
	const hands = $derived.by(() => {
		const { now, before } = figures.hands;
		if (now.minAPack === null) return [w.learn.noHands];
		const from = w.learn.handsFrom({ days: now.dayIds.length, packs: now.packs });
		const less = before.minAPack === null ? 0 : Math.round(before.minAPack - now.minAPack);
		const words = less > 0 ? w.learn.handsLess : w.learn.handsMore;
		return less === 0 ? [from] : [words({ time: durationText(Math.abs(less)) }), from];
	});
	const thrown = $derived(
		figures.thrown.packs === 0
			? [w.learn.thrownNone]
			: [
					w.learn.thrownWhy({
						n: figures.thrown.packs,
						why: figures.thrown.why
							.map(({ reason, n }) => `${n > 1 ? `${n} × ` : ''}${reason || w.learn.noReason}`)
							.join(', ')
					})
				]
	);
	const used = $derived(
		Object.entries(figures.inUse.paces) as [
			ApplianceName,
			NonNullable<(typeof figures.inUse.paces)[ApplianceName]>
		][]
	);
</script>

<svelte:head><title>{w.learn.pageTitle}</title></svelte:head>

<PageHead
	title={w.learn.title[span]}
	facts={w.learn.facts({ days: figures.days, made: figures.made, eaten: figures.eaten })}
>
	<nav aria-label={w.learn.pageTitle} class="spans">
		{#each Object.entries(w.learn.spans) as [name, text] (name)}
			<a href="/learn?span={name}" aria-current={name === span ? 'page' : undefined}>{text}</a>
		{/each}
	</nav>
</PageHead>
{#if form && 'message' in form && form.message}<p class="entry-error mb-3" role="alert">
		{form.message}
	</p>{/if}

{#if isEmpty}
	<section class="plate grid gap-2">
		<h2>{w.learn.empty}</h2>
		<p>{w.learn.emptyHint}</p>
	</section>
{:else}
	<div class="figures">
		<KeyFigure
			value={figures.cost.cents === null ? '–' : money(figures.cost.cents)}
			what={w.learn.aServing}
			notes={figures.cost.cents === null
				? [w.learn.noPrice]
				: [
						budgetCents === null ? w.learn.noBudget : w.learn.budget({ price: money(budgetCents) }),
						w.learn.priced({ n: figures.cost.priced, of: figures.made })
					]}
			href={at('cost')}
		/>
		<KeyFigure
			value={figures.hands.now.minAPack === null ? '–' : durationText(figures.hands.now.minAPack)}
			what={w.learn.handsAPack}
			notes={hands}
			href={at('hands')}
		/>
		<KeyFigure
			value={figures.thrown.share01 === null
				? '–'
				: `${(figures.thrown.share01 * 100).toFixed(1)} %`}
			what={w.learn.thrown}
			notes={thrown}
			href={at('thrown')}
		/>
		<KeyFigure
			value={figures.waits.days === null ? '–' : w.learn.days({ n: figures.waits.days })}
			what={w.learn.waits}
			notes={figures.waits.bestByDays === null
				? [w.learn.noWaits]
				: [w.learn.bestBy({ days: figures.waits.bestByDays })]}
			href={at('waits')}
		/>
	</div>
	<div class="two">
		<div>
			<section class="plate grid content-start gap-1">
				<div class="flex flex-wrap items-baseline justify-between gap-x-4">
					<h2>{w.learn.worth}</h2>
					<span class="quiet">{w.learn.worthFrom}</span>
				</div>
				{#await data.worth}
					<p class="quiet" role="status">{w.learn.looking}</p>
				{:then worth}
					{#if worth.length === 0}<p class="quiet">{w.learn.worthNone}</p>{:else}
						<WorthChanging proposals={worth.slice(0, 6)} {habit} />
						{#if worth.length > 6}
							<details>
								<summary>{proposalTitle(worth[6])} …</summary>
								<WorthChanging proposals={worth.slice(6)} {habit} />
							</details>
						{/if}
					{/if}
				{:catch}
					<p role="alert">{w.learn.failed}</p>
				{/await}
			</section>
			<section class="plate grid content-start gap-1">
				<h2>{w.learn.inUse}</h2>
				{#if used.length === 0 && figures.inUse.dishes.length === 0}
					<p class="quiet">{w.learn.inUseNone}</p>
				{/if}
				<ul>
					{#each used as [appliance, pace] (appliance)}
						<li class="used">
							<span>{paceInUse(appliance, pace)}</span>
							<form method="POST" action="?/unlearn" use:enhance>
								<input type="hidden" name="appliance" value={appliance} />
								<label><input type="checkbox" name="forget" /> {w.learn.forget}</label>
								<Press type="submit" look="quiet">{w.learn.unlearn}</Press>
							</form>
						</li>
					{/each}
					{#each figures.inUse.dishes as dish (dish.id)}
						<li class="used">
							<span>{dishInUse(dish)}</span>
							<form method="POST" action="?/unlearn" use:enhance>
								<input type="hidden" name="dishId" value={dish.id} />
								<Press type="submit" look="quiet">{w.learn.unlearn}</Press>
							</form>
						</li>
					{/each}
				</ul>
				{#if figures.hands.byCook.length > 0}
					<h2 class="mt-2">{w.learn.hands}</h2>
					<ul>
						{#each figures.hands.byCook as { cook, times, pace } (cook)}
							<li>
								{w.learn.handsOf({ n: cook + 1, times })},
								<b>{w.learn.handsPace({ percent: Math.round((pace - 1) * 100) })}</b>
							</li>
						{/each}
					</ul>
					<p class="quiet">{w.learn.handsUsed}</p>
				{/if}
			</section>
			{#if figures.months.length > 0}
				<FigureChart
					title={w.learn.months}
					says={w.learn.monthsSays}
					figure={monthBars(figures.months, at)}
					csv={csv('months')}
				/>
			{/if}
		</div>
		<div>
			<FigureChart
				title={w.learn.inAndOut}
				says={w.learn.inAndOutSays}
				figure={flowBars(figures.flow, at)}
				csv={csv('flow')}
			/>
			{#await data.paces}
				<section class="plate"><p class="quiet" role="status">{w.learn.looking}</p></section>
			{:then paces}
				{#if paces.some(({ rests }) => rests.length > 0)}
					<FigureChart
						title={w.learn.forecast}
						says={w.learn.forecastSays}
						figure={forecastDots(paces)}
						csv={csv('forecast')}
					/>
				{:else}
					<section class="plate grid content-start gap-2">
						<h2>{w.learn.forecast}</h2>
						<p class="quiet">{w.learn.forecastNone}</p>
					</section>
				{/if}
			{:catch}
				<section class="plate"><p role="alert">{w.learn.failed}</p></section>
			{/await}
			{#if figures.costs.length > 0}
				<FigureChart
					title={w.learn.costs}
					says={w.learn.costsSays}
					figure={costBars(figures.costs, budgetCents, money, at)}
					csv={csv('costs')}
				/>
			{/if}
		</div>
	</div>
{/if}

<style>
	.spans {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	.spans a {
		display: grid;
		place-items: center;
		min-height: 44px;
		padding: 0 14px;
		border-radius: 6px;
		background: color-mix(in srgb, var(--hair) 45%, transparent);
		font-weight: 700;
		text-decoration: none;
	}
	.spans a[aria-current] {
		background: var(--cold-pale);
		color: var(--cold);
	}
	.figures {
		display: grid;
		grid-template-columns: repeat(4, 1fr);
		gap: 12px 24px;
		margin-bottom: 16px;
	}
	.two {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 16px;
		align-items: start;
	}
	.two > div {
		display: grid;
		gap: 16px;
	}
	.used {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 16px;
		align-items: center;
		justify-content: space-between;
		min-height: 44px;
	}
	.used form {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		align-items: center;
	}
	.used label {
		display: flex;
		gap: 6px;
		align-items: center;
		min-height: 44px;
	}
	summary {
		min-height: 44px;
		padding: 10px 0;
		cursor: pointer;
		overflow: hidden;
		white-space: nowrap;
		text-overflow: ellipsis;
	}
	@media (max-width: 767px) {
		.figures {
			grid-template-columns: repeat(2, minmax(0, 1fr));
		}
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
