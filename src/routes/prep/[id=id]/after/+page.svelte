<script lang="ts">
	import { centsText } from '$lib/present/money';
	import { taskText } from '$lib/present/run-words';
	import { dayText, durationText } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const say = w.after;
	const noted = $derived(data.steps.filter((step) => step.actualMin !== null || step.skipped));
	const made = $derived(data.bar.packs.of - data.bar.packs.left);
	const dishNames = (ids: readonly number[]) =>
		data.dishes
			.filter(({ id }) => ids.includes(id))
			.map(({ name }) => name)
			.join(', ');
</script>

<svelte:head
	><title>{say.pageTitle({ day: dayText(data.bar.onDay, data.habit) })}</title></svelte:head
>

<DayBar day={data.bar} at="after" habit={data.habit} />
<h1 class="mb-4">{say.heading}</h1>
<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<section class="plate content-start">
		{#if data.wholeMin.planned !== null && data.wholeMin.actual !== null}
			<p class="mb-2">
				<b
					>{say.whole({
						planned: durationText(data.wholeMin.planned),
						actual: durationText(data.wholeMin.actual)
					})}</b
				>
			</p>
		{/if}
		{#if noted.length === 0}
			<p>{say.notRun}</p>
		{:else}
			<table class="ledger">
				<thead>
					<tr><th>{say.step}</th><th>{say.planned}</th><th>{say.actual}</th></tr>
				</thead>
				<tbody>
					{#each noted as step (step.id)}
						<tr>
							<td>{taskText(step)}<br /><span class="quiet">{dishNames(step.dishIds)}</span></td>
							<td>{durationText(step.plannedMin)}</td>
							<td>
								{step.actualMin === null ? say.skipped : durationText(step.actualMin)}
							</td>
						</tr>
					{/each}
				</tbody>
			</table>
			<p class="quiet mt-2">{say.learned}</p>
		{/if}
	</section>
	<div class="grid content-start gap-5">
		<section class="plate">
			<h2>{say.packs}</h2>
			<p>{say.packsLine({ made, of: data.bar.packs.of })}</p>
		</section>
		<section class="plate">
			<h2>{say.cost}</h2>
			<p>
				{data.receipts > 0
					? say.costLine({
							planned: centsText(data.plannedCents),
							paid: centsText(data.paidCents),
							of: data.receipts
						})
					: say.noReceipts({ planned: centsText(data.plannedCents) })}
			</p>
		</section>
		<section class="plate">
			<h2>{say.notes}</h2>
			<p class="quiet">{say.notesHow}</p>
			<ul class="grid gap-1">
				{#each data.dishes as dish (dish.id)}
					<li><a href="/menu/{dish.id}" class="block py-3">{dish.name}</a></li>
				{/each}
			</ul>
		</section>
	</div>
</div>
