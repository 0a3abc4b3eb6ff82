<script lang="ts">
	import { enhance } from '$app/forms';
	import type { Habit } from '$lib/present/habit';
	import { dayText } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';

	/** What is left over in the refrigerator, each with its last day; the page's action `leftover` is told how it went. */
	let {
		leftovers,
		today,
		habit
	}: {
		leftovers: readonly { id: number; name: string; servings: number; eatBy: string }[];
		today: string;
		habit: Habit;
	} = $props();
</script>

<h2 class="mt-4">{w.weeks.inFridge}</h2>
<p class="quiet">{w.weeks.leftoverHow}</p>
<ul>
	{#each leftovers as left (left.id)}
		<li class="left">
			<span>
				<b>{left.name}</b>, {w.weeks.lunch({ n: Math.round(left.servings * 2) / 2 })}<br />
				<span class="quiet"
					>{left.eatBy < today
						? w.weeks.eatNow
						: w.weeks.eatBy({ day: dayText(left.eatBy, habit) })}</span
				>
			</span>
			<form method="POST" action="?/leftover" use:enhance class="flex flex-wrap gap-2">
				<input type="hidden" name="id" value={left.id} />
				{#if left.eatBy >= today}
					<Press type="submit" name="how" value="eaten" look="quiet">{w.weeks.ate}</Press>
					<Press type="submit" name="how" value="frozen" look="bare">{w.weeks.froze}</Press>
				{/if}
				<Press type="submit" name="how" value="thrown" look="bare">{w.weeks.threw}</Press>
			</form>
		</li>
	{/each}
</ul>

<style>
	.left {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: 8px;
		padding: 6px 0;
		border-top: 1px solid var(--hair);
	}
</style>
