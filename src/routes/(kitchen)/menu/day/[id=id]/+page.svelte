<script lang="ts">
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import { enhance } from '$app/forms';
	import PlusIcon from '@lucide/svelte/icons/plus';
	import { matchText } from '$lib/present/match-words';
	import { dayText, dayTitle } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import DayGlance from '$lib/ui/menu/DayGlance.svelte';
	import DayMoney from '$lib/ui/menu/DayMoney.svelte';
	import PlannedDish from '$lib/ui/menu/PlannedDish.svelte';
	import ShelvesAhead from '$lib/ui/menu/ShelvesAhead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import { loadKgPerL } from '$lib/core/menu';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const totals = $derived(data.totals);
	const onDay = $derived(new Set(data.planned.map((dish) => dish.dishId)));
	const others = $derived(data.dishes.filter((dish) => !onDay.has(dish.id)));
	let dishId = $state('');
	const sum = (pick: (cost: (typeof data.costs)[number]) => number) =>
		data.costs.reduce((all, cost) => all + pick(cost), 0);
	const costOf = (name: string) => data.costs.find((cost) => cost.dish === name);
	const title = $derived(dayTitle(data.day.onDay, data.habit));
	/** so many of what goes well are shown; the rest are in the list of dishes */
	const mostMatches = 3;
</script>

<svelte:head
	><title>{w.menuDay.pageTitle({ day: dayText(data.day.onDay, data.habit) })}</title></svelte:head
>

<DayBar
	day={data.bar}
	at="plan"
	habit={data.habit}
	{title}
	facts={w.menuDay.packsTotal({ packs: totals.packs, servings: totals.servings })}
>
	<form method="POST" action="?/remove" use:enhance>
		<Press type="submit" look="bare">{w.menuDay.removeDay}</Press>
	</form>
	<Press href="/shop/{data.day.id}" first={data.planned.length > 0}>{w.menuDay.toShop}</Press>
</DayBar>
{#if form && 'message' in form && form.message}
	<p class="entry-error mb-3" role="alert">{form.message}</p>
{/if}

<div class="grid items-start gap-4 lg:grid-cols-[1fr_372px]">
	<div class="grid gap-3">
		<section class="plate">
			{#if data.planned.length === 0}
				<p>{w.menuDay.empty}</p>
			{:else}
				<p class="columns quiet" aria-hidden="true">
					<span>{w.menuDay.choose}</span><span>{w.menuDay.made}</span><span
						>{w.menuDay.whereTo}</span
					><span class="text-right">{w.menuDay.aServing}</span>
				</p>
				<ul>
					{#each data.planned as dish, i (dish.id)}
						<PlannedDish
							{dish}
							unplaced={totals.unplaced[i]}
							waitPacks={totals.waitPacks[i]}
							cost={costOf(dish.name)}
							habit={data.habit}
						/>
					{/each}
				</ul>
			{/if}
			<form
				method="POST"
				action="?/add"
				class="add"
				use:enhance={() =>
					async ({ update }) => {
						await update({ reset: false });
						dishId = '';
					}}
			>
				<Choice
					name="dishId"
					label={w.menuDay.addDish}
					bind:value={dishId}
					items={others.map((dish) => ({ value: String(dish.id), name: dish.name }))}
					error={form && 'errors' in form ? form.errors?.dishId : undefined}
				/>
				<Press
					type="submit"
					first={data.planned.length === 0}
					look={data.planned.length === 0 ? 'rimmed' : 'quiet'}>{w.menuDay.add}</Press
				>
			</form>
		</section>
		<section class="goes">
			<div>
				<h2>{w.menuDay.goesWell}</h2>
				<p class="quiet">{w.menuDay.goesWellHow}</p>
			</div>
			{#each data.matches.slice(0, mostMatches) as match (match.id)}
				<div class="match">
					<form method="POST" action="?/add" use:enhance>
						<input type="hidden" name="dishId" value={match.id} />
						<button type="submit" aria-label="{w.menuDay.add}: {match.name}">
							<PlusIcon size={20} aria-hidden="true" />
						</button>
					</form>
					<a class="font-bold" href="/menu/{match.id}">{match.name}</a>
					<p class="quiet">{match.reasons.map((r) => matchText(r, data.habit)).join('; ')}</p>
				</div>
			{:else}
				<p class="quiet">{w.menuDay.nothingGoes}</p>
			{/each}
		</section>
	</div>

	<div class="grid gap-3">
		<ShelvesAhead
			shelves={data.shelves}
			planned={data.comes}
			{totals}
			volumeL={totals.loadKg / loadKgPerL}
			habit={data.habit}
		/>
		<DayGlance
			plan={data.plan}
			dayId={data.day.id}
			handsMin={data.handsMin}
			longest={data.longest}
		/>
		<DayMoney
			usedCents={sum((cost) => cost.usedCents)}
			wholeCents={sum((cost) => cost.wholeCents)}
			servings={totals.servings}
			budgetCents={data.house.budgetCents}
			unpriced={data.unpriced}
			habit={data.habit}
		/>
	</div>
</div>

<style>
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 116px 212px 60px 40px;
		gap: 10px;
		padding-bottom: 4px;
	}
	.add {
		display: flex;
		flex-wrap: wrap;
		align-items: flex-end;
		gap: 10px;
		padding-top: 10px;
		border-top: 1px solid var(--hair);
	}
	.goes {
		display: grid;
		grid-template-columns: 150px repeat(3, minmax(0, 1fr));
		gap: 10px;
	}
	.match {
		background: color-mix(in srgb, var(--cold-pale) 45%, transparent);
		border-radius: 10px;
		padding: 8px 12px;
	}
	.match form {
		float: right;
	}
	.match button {
		display: grid;
		place-items: center;
		width: 44px;
		height: 44px;
		margin: -6px -8px 0 0;
		border: 0;
		background: none;
		color: var(--ink);
		cursor: pointer;
	}
	.match a {
		text-decoration: none;
	}
	@media (max-width: 767px) {
		.columns {
			display: none;
		}
		.goes {
			grid-template-columns: 1fr;
		}
	}
	@media print {
		.add,
		.goes {
			display: none;
		}
	}
</style>
