<script lang="ts">
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import { enhance } from '$app/forms';
	import { centsText } from '$lib/present/money';
	import { matchText } from '$lib/present/match-words';
	import { dayText, durationText } from '$lib/present/time';
	import { massText, roomText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import PlannedDish from '$lib/ui/menu/PlannedDish.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import { loadKgPerL } from '$lib/core/menu/day-totals';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const totals = $derived(data.totals);
	const onDay = $derived(new Set(data.planned.map((dish) => dish.dishId)));
	const others = $derived(data.dishes.filter((dish) => !onDay.has(dish.id)));
	let dishId = $state('');
	const sum = (pick: (cost: (typeof data.costs)[number]) => number) =>
		data.costs.reduce((all, cost) => all + pick(cost), 0);
	const used = $derived(sum((cost) => cost.usedCents));
	const whole = $derived(sum((cost) => cost.wholeCents));
	const costOf = (name: string) => data.costs.find((cost) => cost.dish === name);
	const perServing = $derived(totals.servings > 0 ? used / totals.servings : 0);
	const volumeL = $derived(totals.loadKg / loadKgPerL);
	const title = $derived(w.menuDay.title({ day: dayText(data.day.onDay, data.habit) }));
</script>

<svelte:head
	><title>{w.menuDay.pageTitle({ day: dayText(data.day.onDay, data.habit) })}</title></svelte:head
>

<DayBar day={data.bar} at="plan" habit={data.habit} />
<div class="mb-4 flex flex-wrap items-center justify-between gap-3">
	<h1>{title}</h1>
	<div class="flex flex-wrap gap-3">
		<Press href="/shop/{data.day.id}" first={data.planned.length > 0}>{w.menuDay.toShop}</Press>
		<form method="POST" action="?/remove" use:enhance>
			<Press type="submit">{w.menuDay.removeDay}</Press>
		</form>
	</div>
</div>
{#if form && 'message' in form && form.message}
	<p class="entry-error mb-3" role="alert">{form.message}</p>
{/if}

<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<div class="grid content-start gap-4">
		{#each data.planned as dish, i (dish.id)}
			<PlannedDish
				{dish}
				unplaced={totals.unplaced[i]}
				waitPacks={totals.waitPacks[i]}
				cost={costOf(dish.name)}
			/>
		{:else}
			<p class="plate">{w.menuDay.empty}</p>
		{/each}
		<form
			method="POST"
			action="?/add"
			class="tape flex flex-wrap items-end gap-3 p-3"
			use:enhance={() =>
				async ({ update }) => {
					await update({ reset: false });
					dishId = '';
				}}
		>
			<div class="grow">
				<Choice
					name="dishId"
					label={w.menuDay.addDish}
					bind:value={dishId}
					items={others.map((dish) => ({ value: String(dish.id), name: dish.name }))}
					error={form && 'errors' in form ? form.errors?.dishId : undefined}
				/>
			</div>
			<Press type="submit" first={data.planned.length === 0}>{w.menuDay.add}</Press>
		</form>
	</div>

	<div class="grid content-start gap-4">
		<section class="plate grid gap-2" aria-live="polite">
			<p class="text-xl font-bold">
				{w.menuDay.packsTotal({ packs: totals.packs, servings: totals.servings })}
			</p>
			<p>
				<b
					>{w.menuDay.toFreeze({
						litres: roomText(totals.freezeL, data.habit),
						mass: massText(totals.freezeKg, data.habit)
					})}</b
				><br />
				<Why
					note={{
						title: w.menuDay.why.room,
						rule: w.menuDay.why.roomRule,
						inputs: [{ name: w.menuDay.why.volume, value: roomText(volumeL, data.habit) }],
						sources: ['appliance-model']
					}}
					>{totals.fits
						? w.menuDay.room({ free: roomText(totals.freeL, data.habit) })
						: w.menuDay.tooFull({ free: roomText(totals.freeL, data.habit) })}</Why
				>
				{#if !totals.fits}<Word tone="refused" text={w.menuDay.why.room} />{/if}
			</p>
			<p>
				<Why
					note={{
						title: w.menuDay.why.load,
						rule: w.menuDay.why.loadRule,
						inputs: [{ name: w.menuDay.why.volume, value: roomText(volumeL, data.habit) }],
						sources: ['nchfp-freezing']
					}}>{w.menuDay.load({ mass: massText(totals.loadKg, data.habit) })}</Why
				>
				{#if totals.waitKg > 0.01}
					<Word
						tone="caution"
						text={w.menuDay.overLoad({ mass: massText(totals.waitKg, data.habit) })}
					/>
				{/if}
			</p>
			<p>
				<Why
					note={{
						title: w.menuDay.why.hours,
						rule: w.menuDay.why.hoursRule,
						inputs: [],
						sources: []
					}}>{w.menuDay.hours({ hands: durationText(data.handsMin) })}</Why
				>{#if data.longestMin > 0}; {w.menuDay.longest({
						time: durationText(data.longestMin)
					})}{/if}
			</p>
			<p>
				<Why
					note={{
						title: w.menuDay.why.cost,
						rule: w.menuDay.why.costRule,
						inputs: [],
						sources: []
					}}>{w.menuDay.cost({ used: centsText(used), whole: centsText(whole) })}</Why
				>{#if perServing > 0}; <b>{w.menuDay.perServing({ used: centsText(perServing) })}</b>{/if}
				{#if data.house.budgetCents !== null && perServing > data.house.budgetCents}
					<Word
						tone="caution"
						text={w.menuDay.budget({ cents: centsText(data.house.budgetCents) })}
					/>
				{/if}
				{#if data.unpriced.length > 0}
					<br /><span class="quiet"
						>{w.menuDay.unpriced({ n: data.unpriced.length })}: {data.unpriced.join(', ')}</span
					>
				{/if}
			</p>
		</section>
		<section class="plate grid gap-2">
			<h2>{w.menuDay.goesWell}</h2>
			<p class="quiet">{w.menuDay.goesWellHow}</p>
			<ul class="grid gap-1">
				{#each data.matches as match (match.id)}
					<li class="flex items-start justify-between gap-3 py-1">
						<span>
							<a class="font-bold" href="/menu/{match.id}">{match.name}</a><br />
							<span class="quiet"
								>{match.reasons.map((r) => matchText(r, data.habit)).join('; ')}</span
							>
						</span>
						<form method="POST" action="?/add" class="shrink-0 whitespace-nowrap" use:enhance>
							<input type="hidden" name="dishId" value={match.id} />
							<Press type="submit" aria-label="{w.menuDay.add}: {match.name}">{w.menuDay.add}</Press
							>
						</form>
					</li>
				{:else}
					<li class="quiet">{w.menuDay.nothingGoes}</li>
				{/each}
			</ul>
		</section>
	</div>
</div>
