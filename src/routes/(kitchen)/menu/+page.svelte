<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { priceText } from '$lib/present/money';
	import { dayIn, dayText, dayTitle, durationText } from '$lib/present/time';
	import { checked } from '$lib/ui/kit/checked';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import DishPicture from '$lib/ui/menu/DishPicture.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import { kindWords } from '$lib/present/wording/codes/words';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import PutOnDay from '$lib/ui/menu/PutOnDay.svelte';
	import { sortedDishes, type DishOrder } from '$lib/ui/menu/sorted-dishes';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, string>>(
		form && 'errors' in form && form.errors ? form.errors : {}
	);
	let onDay = $state('');
	let text = $state('');
	let order = $state<{ by: DishOrder; down: boolean }>({ by: 'name', down: false });
	let chosen = $state<number[]>([]);
	const today = $derived(dayIn(clock.ms, data.habit.timeZone));
	const shown = $derived(sortedDishes(data.dishes, text, order));
	const ahead = $derived(data.days.filter((day) => day.onDay >= today).toReversed());
	const past = $derived(data.days.filter((day) => day.onDay < today));
	formScope({ errors: () => errors });
	const columns = ['name', 'last', 'hands', 'cost', 'frozen'] as const;
	const sort = (by: DishOrder) => (order = { by, down: order.by === by && !order.down });
</script>

<svelte:head><title>{w.menu.pageTitle}</title></svelte:head>

<PageHead title={w.menu.dishes({ n: data.dishes.length })}>
	<Press href="/menu/import" look="quiet">{w.recipeImport.title}</Press>
	<Press href="/menu/new" first>{w.menu.writeADish}</Press>
</PageHead>

{#if data.dishes.length === 0}
	<p class="max-w-[70ch]">{w.menu.empty}</p>
{:else}
	<div class="grid items-start gap-6 lg:grid-cols-[1fr_320px]">
		<section>
			<input
				class="entry search"
				type="search"
				bind:value={text}
				placeholder={w.menu.search}
				aria-label={w.menu.search}
			/>
			<table class="ledger dishes">
				<thead>
					<tr>
						<th><span class="sr-only">{w.menu.choose}</span></th>
						<th><span class="sr-only">{w.menu.picture}</span></th>
						{#each columns as by (by)}
							<th
								class={by}
								aria-sort={order.by === by ? (order.down ? 'descending' : 'ascending') : 'none'}
							>
								<button type="button" onclick={() => sort(by)}
									>{w.menu.columns[by]}<span aria-hidden="true"
										>{order.by === by ? (order.down ? ' ↓' : ' ↑') : ''}</span
									></button
								>
							</th>
						{/each}
					</tr>
				</thead>
				<tbody>
					{#each shown as dish (dish.id)}
						<tr>
							<td class="pick">
								<label>
									<input
										type="checkbox"
										value={dish.id}
										bind:group={chosen}
										aria-label={w.menu.chooseNamed({ dish: dish.name })}
									/>
								</label>
							</td>
							<td class="picture"><DishPicture {dish} /></td>
							<td>
								<a href="/menu/{dish.id}" class="title">{dish.name}</a>
								{#if dish.state === 'raw'}<Word tone="caution" text={dish.state} />{/if}
								<br /><span class="quiet"
									>{kindWords[dish.kind].name}, {w.menu.servingsOf({
										n: dish.servings
									})}{#if dish.unread > 0}; {w.menu.unread({ lines: dish.unread })}{/if}</span
								>
							</td>
							<td class="last">{dish.lastOn ? dayText(dish.lastOn, data.habit) : ''}</td>
							<td class="hands"
								>{durationText(dish.handsMin)}{#if dish.cooksMin > 0}<span class="quiet">
										&nbsp;+ {durationText(dish.cooksMin)}</span
									>{/if}</td
							>
							<td class="cost"
								>{dish.costCents === null ? '' : priceText(dish.costCents, data.habit)}</td
							>
							<td class="frozen">
								{#if dish.frozenPacks > 0}
									<a href="/freezer?q={encodeURIComponent(dish.name)}"><b>{dish.frozenPacks}</b></a>
									<span class="quiet">{w.menu.servingsOf({ n: dish.frozenServings })}</span>
								{/if}
							</td>
						</tr>
					{:else}
						<tr><td colspan="7">{w.menu.noneFound}</td></tr>
					{/each}
				</tbody>
			</table>
			{#if chosen.length > 0}
				<div class="put"><PutOnDay ids={chosen} days={data.days} habit={data.habit} /></div>
			{/if}
		</section>
		<aside class="grid gap-4">
			<section>
				<h2>{w.menuDay.days}</h2>
				{#if data.days.length === 0}<p class="quiet">{w.menuDay.noneYet}</p>{/if}
				<ul>
					{#each ahead as day (day.id)}
						<li class="day">
							<a href="/menu/day/{day.id}"><b>{dayTitle(day.onDay, data.habit)}</b></a>
							<span class="quiet">{w.menuDay.dishes({ n: day.dishCount })}</span>
						</li>
					{/each}
				</ul>
				{#if past.length > 0}
					<details open={ahead.length === 0}>
						<summary class="quiet min-h-11 cursor-pointer py-2">{w.menu.pastDays}</summary>
						<ul>
							{#each past as day (day.id)}
								<li class="day">
									<a href="/menu/day/{day.id}">{dayText(day.onDay, data.habit)}</a>
									<span class="quiet">{w.menuDay.dishes({ n: day.dishCount })}</span>
								</li>
							{/each}
						</ul>
					</details>
				{/if}
			</section>
			<form
				method="POST"
				action="?/plan"
				class="tape grid gap-3 p-3"
				novalidate
				use:enhance={checked(
					async () => (await import('$lib/schemas/menu-day')).daySchema(data.habit, today),
					(found) => (errors = found)
				)}
			>
				<Field
					name="onDay"
					label={w.menuDay.onDay}
					bind:value={onDay}
					placeholder={dayText(today, data.habit)}
				/>
				<Press type="submit">{w.menuDay.plan}</Press>
			</form>
		</aside>
	</div>
{/if}

<style>
	.search {
		max-width: 420px;
		min-height: 44px;
		margin-bottom: 6px;
	}
	.dishes td {
		padding: 5px 10px 5px 0;
		vertical-align: middle;
	}
	th button {
		min-height: 36px;
		border: 0;
		background: none;
		color: var(--soft);
		font: inherit;
		cursor: pointer;
	}
	.pick {
		width: 36px;
	}
	.pick label {
		display: grid;
		place-items: center;
		width: 32px;
		min-height: 44px;
	}
	.pick input {
		width: 20px;
		height: 20px;
		accent-color: var(--rim);
	}
	.picture {
		width: 72px;
	}
	.title {
		font-weight: 700;
		text-decoration: none;
	}
	.title:hover {
		text-decoration: underline;
	}
	.last,
	.hands,
	.cost,
	.frozen {
		white-space: nowrap;
	}
	.cost {
		font-weight: 700;
	}
	th.cost,
	td.cost {
		text-align: right;
	}
	.day {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 10px;
		min-height: 44px;
		border-top: 1px solid var(--hair);
	}
	.put {
		position: sticky;
		bottom: 0;
		padding: 10px 14px 14px;
		background: var(--tape);
		border-top: 2px solid var(--rim);
	}
	@media (max-width: 767px) {
		.last,
		.hands,
		.cost,
		.picture {
			display: none;
		}
		.put {
			bottom: 66px;
		}
	}
</style>
