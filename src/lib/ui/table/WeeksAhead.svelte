<script lang="ts">
	import type { Habit } from '$lib/present/habit';
	import { dayText } from '$lib/present/time';
	import * as w from '$lib/present/wording';

	/** How much wants to be eaten in the weeks that come, and how much of it has its day. */
	let {
		weeks,
		today,
		habit
	}: {
		weeks: readonly { from: string; planned: number; unplanned: number }[];
		today: string;
		habit: Habit;
	} = $props();
	const most = $derived(Math.max(1, ...weeks.map((a) => a.planned + a.unplanned)));
</script>

<h2>{w.weeks.ahead}</h2>
<ul class="bars">
	{#each weeks as week (week.from)}
		<li>
			<span
				class="bar"
				style:height="{(70 * (week.planned + week.unplanned)) / most}px"
				class:wants={week.unplanned > 0 && week.from <= today}
			>
				<span class="filled" style:height="{(70 * week.planned) / most}px"></span>
			</span>
			<span class="quiet" aria-hidden="true">{Number(week.from.slice(8))}</span>
			<span class="sr-only"
				>{w.weeks.aheadLine({
					from: dayText(week.from, habit),
					planned: week.planned,
					unplanned: week.unplanned
				})}</span
			>
		</li>
	{/each}
</ul>
<p class="quiet">{w.weeks.aheadHow}</p>

<style>
	.bars {
		display: flex;
		align-items: flex-end;
		gap: 8px;
		height: 108px;
		margin: 6px 0;
		border-bottom: 2px solid var(--rim);
	}
	.bars li {
		display: grid;
		flex: 1;
		justify-items: center;
	}
	.bar {
		display: flex;
		align-items: flex-end;
		width: 100%;
		max-width: 40px;
		border: 1.5px solid var(--rim);
		border-bottom: 0;
		border-radius: 4px 4px 0 0;
		background: var(--cold-pale);
	}
	.bar.wants {
		background: var(--mustard-pale);
	}
	.filled {
		width: 100%;
		background: var(--rim);
	}
</style>
