<script lang="ts">
	import { enhance } from '$app/forms';
	import { priceText } from '$lib/present/money';
	import { taskText } from '$lib/present/run-words';
	import { dayText, durationText } from '$lib/present/time';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const say = w.after;
	type Step = (typeof data.steps)[number];
	const groups = $derived(
		[
			...data.dishes.map(({ id, name }) => ({
				key: `${id}`,
				name,
				steps: data.steps.filter(({ dishIds }) => dishIds.length === 1 && dishIds[0] === id)
			})),
			{
				key: 'several',
				name: say.several,
				steps: data.steps.filter(({ dishIds }) => dishIds.length !== 1)
			}
		].filter(({ steps }) => steps.length > 0)
	);
	const sum = (steps: readonly Step[], pick: (step: Step) => number | null) =>
		durationText(steps.reduce((all, step) => all + (pick(step) ?? 0), 0));
</script>

<svelte:head
	><title>{say.pageTitle({ day: dayText(data.bar.onDay, data.habit) })}</title></svelte:head
>

<DayBar day={data.bar} at="after" habit={data.habit} title={say.heading} />
{#if data.wholeMin.planned !== null && data.wholeMin.actual !== null}
	<p class="mb-3">
		<b
			>{say.whole({
				planned: durationText(data.wholeMin.planned),
				actual: durationText(data.wholeMin.actual)
			})}</b
		>
	</p>
{/if}
<div class="grid gap-8 lg:grid-cols-[3fr_2fr]">
	<section>
		{#if groups.length === 0}
			<p>{say.notRun}</p>
		{:else}
			<table class="ledger">
				<thead>
					<tr><th>{say.step}</th><th>{say.planned}</th><th>{say.actual}</th><th>{say.next}</th></tr>
				</thead>
				{#each groups as { key, name, steps } (key)}
					<tbody>
						<tr>
							<th scope="rowgroup" class="text-left">{name}</th>
							<td><b>{sum(steps, ({ plannedMin }) => plannedMin)}</b></td>
							<td><b>{sum(steps, ({ actualMin }) => actualMin)}</b></td>
							<td></td>
						</tr>
						{#each steps as step (step.id)}
							<tr>
								<td>{taskText(step)}</td>
								<td>{durationText(step.plannedMin)}</td>
								<td>{step.actualMin === null ? say.skipped : durationText(step.actualMin)}</td>
								<td>
									{#if step.learned}
										{@const { work, counts, nextMin } = step.learned}
										<form method="POST" action="?/learn" class="learn" use:enhance>
											<input type="hidden" name="work" value={work} />
											<label class="tick">
												<input
													type="checkbox"
													name="counts"
													checked={counts}
													aria-label={counts ? say.counts : say.countsNot}
													onchange={(event) => event.currentTarget.form?.requestSubmit()}
												/>
												{durationText(nextMin)}
											</label>
										</form>
									{/if}
								</td>
							</tr>
						{/each}
					</tbody>
				{/each}
			</table>
			<p class="quiet mt-2">{say.counts}: ✓. {say.learned}</p>
		{/if}
	</section>
	<div class="grid content-start gap-6">
		<section>
			<h2>{say.whereTo}</h2>
			<p>
				{say.packsLine({ made: data.bar.packs.of - data.bar.packs.left, of: data.bar.packs.of })}
			</p>
			<ul>
				{#each data.dishes as dish (dish.id)}
					<li class="row">
						<a href="/menu/{dish.id}"><b>{dish.name}</b></a>
						{dish.portions
							.map(({ packs, servings, to }) =>
								say.portionLine({ packs, servings, to: say.portionsTo[to] })
							)
							.join(', ')}
						{#if dish.notPacked > 0}<b>{say.notPacked({ n: dish.notPacked })}</b>{/if}
						{#if dish.note}<br /><span class="quiet">{dish.note}</span>{/if}
					</li>
				{/each}
			</ul>
			{#if data.bar.packs.left > 0}
				<p class="mt-3"><Press href="/pack/day/{data.bar.id}" first>{say.packNow}</Press></p>
			{/if}
			<p class="quiet mt-2">{say.notesHow}</p>
		</section>
		<section>
			<h2>{say.leftOver}</h2>
			{#if data.leftOver.length === 0}<p>{say.noneLeft}</p>{:else}
				<p class="quiet">{say.leftOverHow}</p>
				<ul>
					{#each data.leftOver as { key, name, aisle, leftKg } (key)}
						<li class="row">
							<b>{name}</b>
							{w.shop.leftHow({
								mass: massText(leftKg, data.habit),
								how: w.shop.keepLeft[aisle]
							})}
						</li>
					{/each}
				</ul>
			{/if}
		</section>
		<section>
			<h2>{say.cost}</h2>
			<p>
				{data.receipts > 0
					? say.costLine({
							planned: priceText(data.plannedCents, data.habit),
							paid: priceText(data.paidCents, data.habit),
							of: data.receipts
						})
					: say.noReceipts({ planned: priceText(data.plannedCents, data.habit) })}
			</p>
		</section>
	</div>
</div>

<style>
	.row {
		padding: 10px 0;
		border-top: 1px solid var(--hair);
	}
	.learn .tick {
		min-height: 40px;
		font-weight: 400;
	}
	td {
		vertical-align: middle !important;
	}
	td:not(:first-child) {
		white-space: nowrap;
	}
	th[scope='rowgroup'] {
		padding-top: 14px;
		color: var(--cold);
		font-size: 16px;
	}
</style>
