<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { addDays, daysBetween } from '$lib/core/units';
	import type { Habit } from '$lib/present/habit';
	import { dayTitle, instantText, timeOfDayText } from '$lib/present/time';
	import { methodText } from '$lib/present/wording/codes/words';
	import Press from '../kit/Press.svelte';
	import type { SeenMeal } from './week';

	/** A planned meal on its day: dragged, or moved by Alt and the arrows. */
	let {
		meal,
		today,
		habit,
		move
	}: {
		meal: SeenMeal;
		today: string;
		habit: Habit;
		move: (meal: SeenMeal, onDay: string) => void;
	} = $props();

	const late = $derived(
		meal.bestBy === null ? 0 : daysBetween(meal.bestBy, meal.onDay > today ? meal.onDay : today)
	);
	const line = $derived(
		meal.kind !== 'packs'
			? meal.kind === 'leftovers'
				? w.weeks.leftovers
				: ''
			: meal.state === 'eaten'
				? w.weeks.eaten
				: meal.state === 'gone'
					? w.weeks.gone
					: w.weeks.mealLine({
							servings: w.weeks.forEaters(meal),
							way: meal.plan
								? w.weeks.startAt({
										way: methodText(meal.plan.method, habit),
										at: instantText(meal.plan.startAtMs, habit)
									})
								: w.weeks.noWay,
							at: meal.isRough ? w.weeks.rough : ''
						})
	);
	const keys = ({ altKey, key, target }: KeyboardEvent) => {
		const days = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 }[key];
		if (!altKey || days === undefined || target instanceof HTMLInputElement) return false;
		const onDay = addDays(meal.onDay, days);
		if (onDay >= today) move(meal, onDay);
		return true;
	};
</script>

<article
	class="meal"
	class:past={late > 0 && meal.state === 'planned'}
	class:over={meal.state !== 'planned'}
	draggable={meal.state === 'planned'}
	ondragstart={({ dataTransfer }) => dataTransfer?.setData('text/x-almacen-meal', String(meal.id))}
>
	{#if meal.href && meal.kind === 'packs'}
		<a
			href={meal.href}
			id="meal-{meal.id}"
			aria-label={w.weeks.meal({ what: meal.title, day: dayTitle(meal.onDay, habit) })}
			onkeydown={(event) => keys(event) && event.preventDefault()}><b>{meal.title}</b></a
		>
	{:else}
		<button
			type="button"
			id="meal-{meal.id}"
			class="title"
			aria-label={w.weeks.meal({ what: meal.title, day: dayTitle(meal.onDay, habit) })}
			onkeydown={(event) => keys(event) && event.preventDefault()}><b>{meal.title}</b></button
		>
	{/if}
	{#if line}<p class="quiet">{line}</p>{/if}
	{#if late > 0 && meal.state === 'planned'}<p class="quiet">
			<b>{w.weeks.pastBest({ days: late })}</b>
		</p>{/if}
	<details>
		<summary aria-label={w.weeks.acts({ what: meal.title })}>⋯</summary>
		<form method="POST" action="?/move" use:enhance class="grid gap-2">
			<input type="hidden" name="id" value={meal.id} />
			<input type="hidden" name="version" value={meal.version} />
			<label
				>{w.weeks.moveTo}
				<select name="onDay" class="entry">
					{#each Array.from({ length: 15 }, (_, i) => addDays(today, i)) as day (day)}
						<option value={day} selected={day === meal.onDay}>{dayTitle(day, habit)}</option>
					{/each}
				</select></label
			>
			<label
				>{w.weeks.hour}
				<input
					name="serveAt"
					class="entry"
					value={timeOfDayText(meal.serveAt, habit)}
					size="6"
				/></label
			>
			<Press type="submit" look="quiet">{w.weeks.move}</Press>
		</form>
		<form method="POST" action="?/drop" use:enhance class="mt-2">
			<input type="hidden" name="id" value={meal.id} />
			<input type="hidden" name="version" value={meal.version} />
			<Press type="submit" look="bare">{w.weeks.take}</Press>
		</form>
	</details>
</article>

<style>
	.meal {
		position: relative;
		margin-bottom: 6px;
		padding: 6px 30px 6px 8px;
		border-left: 4px solid var(--cold);
		border-radius: 4px;
		background: var(--enamel);
		font-size: 14px;
		line-height: 1.3;
	}
	.meal[draggable='true'] {
		cursor: grab;
	}
	.past {
		border-left-color: var(--ember);
	}
	.over {
		border-left-color: var(--hair);
		color: var(--soft);
	}
	.meal a,
	.title {
		display: inline-block;
		min-height: 24px;
		padding: 0;
		border: 0;
		background: none;
		color: inherit;
		text-align: left;
		text-decoration: none;
		overflow-wrap: anywhere;
	}
	summary {
		position: absolute;
		top: 0;
		right: 0;
		display: grid;
		place-items: center;
		width: 30px;
		height: 30px;
		list-style: none;
		cursor: pointer;
	}
	@media (max-width: 767px) {
		summary {
			width: 48px;
			height: 48px;
		}
		.meal {
			padding: 10px 50px 10px 10px;
		}
	}
</style>
