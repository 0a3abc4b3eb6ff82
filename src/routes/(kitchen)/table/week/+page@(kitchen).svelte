<script lang="ts">
	import * as w from '$lib/present/wording';
	import { tick } from 'svelte';
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import CalendarIcon from '@lucide/svelte/icons/calendar';
	import SnowIcon from '@lucide/svelte/icons/snowflake';
	import { packsFor } from '$lib/core/serving';
	import { dayText, dayTitle, instantText } from '$lib/present/time';
	import { methodText } from '$lib/present/wording/codes/words';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Leftovers from '$lib/ui/table/Leftovers.svelte';
	import WeekMealCard from '$lib/ui/table/WeekMealCard.svelte';
	import WeeksAhead from '$lib/ui/table/WeeksAhead.svelte';
	import type { SeenMeal } from '$lib/ui/table/week';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const view = $derived(data.isMonth ? '&view=month' : '');
	const dayOf = (day: string) => w.weeks.weekdays[new Date(`${day}T00:00:00Z`).getUTCDay()];
	const mealsOn = (day: string) => data.meals.filter(({ onDay }) => onDay === day);
	const pullsOn = (day: string) => data.pulls.filter(({ onDay }) => onDay === day);
	const packingOn = (day: string) => data.packing.filter(({ onDay }) => onDay === day);
	/** what a dish's packs do for those who eat, to be chosen by one word */
	const choices = $derived(
		data.stock.flatMap(({ name, packs }) => {
			const chosen = packsFor(data.eaters, packs);
			const codes = (chosen?.packs ?? packs.slice(0, 1)).map(({ code }) => code);
			return [{ value: codes.join(','), name: `${name} (${codes.join(', ')})` }];
		})
	);
	let over = $state<string | null>(null);
	let putOn = $state<string | null>(null);
	let failed = $state('');

	async function post(action: string, fields: Record<string, string>): Promise<void> {
		const body = new FormData();
		for (const [name, value] of Object.entries(fields)) body.set(name, value);
		const answer = await fetch(`?/${action}`, {
			method: 'POST',
			body,
			headers: { 'x-sveltekit-action': 'true' }
		});
		const result = (await answer.json()) as { type: string };
		failed = result.type === 'success' ? '' : w.weeks.late;
		await invalidateAll();
	}
	async function move({ id, version }: SeenMeal, onDay: string): Promise<void> {
		await post('move', { id: String(id), version: String(version), onDay });
		await tick();
		document.getElementById(`meal-${id}`)?.focus();
	}
	function drop(event: DragEvent, day: string): void {
		event.preventDefault();
		over = null;
		const id = Number(event.dataTransfer?.getData('text/x-almacen-meal'));
		const codes = event.dataTransfer?.getData('text/x-almacen-packs');
		const meal = data.meals.find((known) => known.id === id);
		if (meal) void move(meal, day);
		else if (codes) void post('add', { onDay: day, codes });
	}
	const titleOf = (use: string): string => {
		const [kind, id] = use.split(' ');
		return kind === 'day'
			? w.weeks.packingDay
			: (data.meals.find((meal) => meal.id === Number(id))?.title ?? '');
	};
	const mealOf = (use: string) => data.meals.find((meal) => `meal ${meal.id}` === use);
</script>

<svelte:head><title>{w.weeks.pageTitle}</title></svelte:head>

<PageHead title={w.weeks.title}>
	{#snippet beside()}
		<nav class="tabs" aria-label={w.table.when}>
			<a href="/table">{w.weeks.tonight}</a>
			<a href="?from={data.from}" aria-current={data.isMonth ? undefined : 'page'}>{w.weeks.week}</a
			>
			<a href="?from={data.from}&view=month" aria-current={data.isMonth ? 'page' : undefined}
				>{w.weeks.month}</a
			>
			<a href="?from={data.before}{view}" aria-label={w.weeks.before}>‹</a>
			<a href="?from={data.after}{view}" aria-label={w.weeks.after}>›</a>
		</nav>
	{/snippet}
	<Press look="quiet" href="/table/week/meals.ics"
		><CalendarIcon size={18} aria-hidden="true" />&nbsp;{w.weeks.calendar}</Press
	>
	<Press look="quiet" href="/freezer">{w.weeks.trip}</Press>
	<form method="POST" action="?/fill" use:enhance>
		<input type="hidden" name="from" value={data.from} />
		<Press type="submit" first>{w.weeks.fill}</Press>
	</form>
</PageHead>
{#if form && 'message' in form && form.message}
	<p class="entry-error mb-3" role="alert">{form.message}</p>
{/if}
{#if failed}<p class="entry-error mb-3" role="alert">{failed}</p>{/if}
{#if form && 'said' in form && form.said}<p class="mb-3" role="status">{form.said}</p>{/if}

<ol class="days" class:month={data.isMonth}>
	{#each data.days as day (day)}
		<li
			class="day"
			class:today={day === data.today}
			class:gone={day < data.today}
			class:over={over === day}
			aria-label={dayTitle(day, data.habit)}
			ondragover={(event) => {
				if (day < data.today) return;
				event.preventDefault();
				over = day;
			}}
			ondragleave={() => (over = null)}
			ondrop={(event) => drop(event, day)}
		>
			<div class="head">
				<b>{dayOf(day)}</b><span class="quiet">{Number(day.slice(8))}</span>
			</div>
			{#each packingOn(day) as packing (packing.id)}
				<p class="note"><a href="/menu/day/{packing.id}">{w.weeks.packingDay}</a></p>
			{/each}
			{#each mealsOn(day) as meal (meal.id)}
				<WeekMealCard {meal} today={data.today} habit={data.habit} {move} />
			{/each}
			{#each pullsOn(day) as pull (pull.mealId)}
				<p class="pull">
					<SnowIcon size={14} aria-hidden="true" />
					{w.weeks.pull[pull.place]({
						what: pull.title,
						at: instantText(pull.atMs, data.habit),
						day: dayOf(pull.serveDay)
					})}
				</p>
			{/each}
			{#if day >= data.today}
				<button
					type="button"
					class="put"
					aria-expanded={putOn === day}
					aria-label={w.weeks.putWhat({ day: dayTitle(day, data.habit) })}
					onclick={() => (putOn = putOn === day ? null : day)}>+</button
				>
			{/if}
		</li>
	{/each}
</ol>
{#if putOn}
	<section class="plate mt-3">
		<h2>{w.weeks.putWhat({ day: dayTitle(putOn, data.habit) })}</h2>
		<form
			method="POST"
			action="?/add"
			class="add"
			use:enhance={() =>
				async ({ update }) => {
					await update();
					putOn = null;
				}}
		>
			<input type="hidden" name="onDay" value={putOn} />
			<Choice
				name="codes"
				label={w.weeks.choose}
				items={choices}
				value=""
				placeholder={w.weeks.choose}
			/>
			<Field name="note" label={w.weeks.note} hint={w.weeks.noteHint} maxlength="80" />
			<Press type="submit">{w.weeks.put}</Press>
		</form>
	</section>
{/if}

<div class="below">
	<section>
		<h2>{w.weeks.wanting}</h2>
		{#if data.unplanned.length === 0}<p class="quiet">{w.weeks.wantingNone}</p>{/if}
		<ul>
			{#each data.unplanned.slice(0, 8) as pack (pack.code)}
				<li
					class="row"
					draggable="true"
					ondragstart={({ dataTransfer }) =>
						dataTransfer?.setData('text/x-almacen-packs', pack.code)}
				>
					<a href="/freezer/{pack.code}">{pack.name}</a>
					<span class="quiet">{pack.code}</span>
					<b>{pack.bestBy ? dayText(pack.bestBy, data.habit) : w.weeks.none}</b>
				</li>
			{/each}
		</ul>
		<p class="mt-3"><a href="/table/still-good">{w.weeks.stillGood}</a></p>
		{#if data.leftovers.length > 0}
			<Leftovers leftovers={data.leftovers} today={data.today} habit={data.habit} />
		{/if}
	</section>
	<section>
		<WeeksAhead weeks={data.ahead} today={data.today} habit={data.habit} />
	</section>
	<section>
		<h2>{w.weeks.clashes}</h2>
		{#if data.clashes.length === 0}<p class="quiet">{w.weeks.noClashes}</p>{/if}
		{#each data.clashes as clash (`${clash.a} ${clash.b}`)}
			{@const out = clash.way && mealOf(clash.way.of)}
			<p>
				{w.weeks.clash({
					a: titleOf(clash.a),
					b: titleOf(clash.b),
					appliance: w.appliances[clash.appliance].short
				})}
			</p>
			{#if clash.way && out}
				<form method="POST" action="?/way" use:enhance class="mt-2">
					<input type="hidden" name="id" value={out.id} />
					<input type="hidden" name="version" value={out.version} />
					<input type="hidden" name="way" value={clash.way.key} />
					<Press type="submit"
						>{w.weeks.wayOut({
							what: out.title,
							way: methodText(clash.way.method, data.habit),
							at: instantText(clash.way.fromMs, data.habit)
						})}</Press
					>
				</form>
			{:else}<p class="quiet">{w.weeks.noWayOut}</p>{/if}
		{/each}
		<form method="POST" action="?/who" use:enhance class="who">
			<Field
				name="eaters"
				label={w.weeks.who}
				inputmode="numeric"
				size="3"
				value={String(data.eaters)}
			/>
			<Press type="submit" look="quiet">{w.weeks.set}</Press>
		</form>
		<details>
			<summary>{w.weeks.subscribe}</summary>
			<p class="quiet">{w.weeks.subscribeHow}</p>
			{#if data.calendar}<p class="address">{data.calendar}</p>{/if}
			<form method="POST" action="?/address" use:enhance class="mt-2">
				<Press type="submit" look="quiet"
					>{data.calendar ? w.weeks.subscribeAgain : w.weeks.subscribeMake}</Press
				>
			</form>
		</details>
	</section>
</div>

<style>
	.tabs {
		display: flex;
		gap: 6px;
	}
	.tabs a {
		display: inline-flex;
		align-items: center;
		min-height: 36px;
		padding: 2px 12px;
		border-radius: 6px;
		background: var(--cold-pale);
		font-size: 14px;
		font-weight: 700;
		text-decoration: none;
	}
	.tabs a[aria-current] {
		background: var(--tape);
	}
	.days {
		display: grid;
		grid-template-columns: repeat(7, minmax(0, 1fr));
		gap: 8px;
	}
	.day {
		position: relative;
		min-height: 300px;
		padding: 6px 6px 40px;
		border: 2px solid transparent;
		border-radius: 8px;
		background: color-mix(in srgb, var(--enamel) 38%, var(--frost));
	}
	.month .day {
		min-height: 120px;
	}
	.day.today {
		border-color: var(--rim);
		background: var(--enamel);
	}
	.day.over {
		border-color: var(--cold);
	}
	.head {
		display: flex;
		justify-content: space-between;
		margin-bottom: 6px;
	}
	.note {
		margin-bottom: 6px;
		padding: 6px 8px;
		border-left: 4px solid var(--hair);
		font-size: 14px;
	}
	.pull {
		padding: 2px 4px 6px;
		color: var(--cold);
		font-size: 14px;
		font-weight: 600;
		line-height: 1.3;
	}
	.pull :global(svg) {
		display: inline;
	}
	.put {
		position: absolute;
		right: 4px;
		bottom: 4px;
		width: 36px;
		height: 32px;
		border: 0;
		border-radius: 6px;
		background: var(--cold-pale);
		color: var(--ink);
		font-size: 20px;
		cursor: pointer;
	}
	.add {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
		gap: 12px;
		align-items: end;
		margin-top: 8px;
	}
	.below {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 28px;
		margin-top: 16px;
	}
	.row {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto auto;
		gap: 10px;
		align-items: center;
		min-height: 44px;
		border-top: 1px solid var(--hair);
		cursor: grab;
	}
	.row a {
		padding: 10px 0;
	}
	.who {
		display: flex;
		align-items: flex-end;
		gap: 8px;
		margin-top: 14px;
	}
	.address {
		overflow-wrap: anywhere;
	}
	summary {
		min-height: 44px;
		padding: 10px 0;
		font-weight: 700;
		cursor: pointer;
	}
	@media (max-width: 1023px) {
		.days {
			grid-template-columns: minmax(0, 1fr);
			gap: 4px;
		}
		.day,
		.month .day {
			min-height: 56px;
			padding: 8px 56px 8px 8px;
		}
		.gone:not(:has(article)) {
			display: none;
		}
		.put {
			top: 4px;
			bottom: auto;
			width: 48px;
			height: 48px;
		}
		.add,
		.below {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
