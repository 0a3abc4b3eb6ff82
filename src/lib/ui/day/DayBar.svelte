<script lang="ts">
	import { goto } from '$app/navigation';
	import { dayText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import type { DayProgress } from '$lib/core/schedule/day-progress';

	type Stop = 'plan' | 'shop' | 'prep' | 'cook' | 'cool' | 'pack' | 'after';
	/** Leads through one packing day, whichever of several it is, with what is left at each stop. */
	let { day, at, habit }: { day: DayProgress; at: Stop; habit: Habit } = $props();
	const say = w.dayBar;
	const hrefs: Record<Stop, (id: number) => string> = {
		plan: (id) => `/menu/day/${id}`,
		shop: (id) => `/shop/${id}`,
		prep: (id) => `/prep/${id}`,
		cook: (id) => `/prep/${id}/run`,
		cool: (id) => `/cool?day=${id}`,
		pack: (id) => `/pack/day/${id}`,
		after: (id) => `/prep/${id}/after`
	};
	const stops = $derived<{ stop: Stop; left: string }[]>([
		{ stop: 'plan', left: say.dishes({ n: day.dishes }) },
		{ stop: 'shop', left: day.bought > 0 ? say.bought({ n: day.bought }) : '' },
		{ stop: 'prep', left: '' },
		{
			stop: 'cook',
			left: day.tasks === null ? say.notPlanned : say.left(day.tasks)
		},
		{ stop: 'cool', left: day.cooling > 0 ? say.cooling({ n: day.cooling }) : '' },
		{ stop: 'pack', left: say.packs(day.packs) },
		{ stop: 'after', left: day.ended ? say.ended : '' }
	]);
</script>

<nav class="daybar no-print" aria-label={say.title({ day: dayText(day.onDay, habit) })}>
	<label>
		<span class="sr-only">{say.which}</span>
		<select
			class="entry"
			value={String(day.id)}
			onchange={(event) => goto(hrefs[at](Number(event.currentTarget.value)))}
		>
			<option value={String(day.id)}>{dayText(day.onDay, habit)}</option>
			{#each day.others as other (other.id)}
				<option value={String(other.id)}>{dayText(other.onDay, habit)}</option>
			{/each}
		</select>
	</label>
	<ol>
		{#each stops as { stop, left } (stop)}
			<li>
				<a href={hrefs[stop](day.id)} aria-current={stop === at ? 'step' : undefined}>
					<b>{say.stops[stop]}</b>
					{#if left}<span>{left}</span>{/if}
				</a>
			</li>
		{/each}
	</ol>
</nav>

<style>
	.daybar {
		display: flex;
		gap: 12px;
		align-items: stretch;
		margin-bottom: 16px;
		overflow-x: auto;
	}
	.daybar select {
		min-height: 52px;
		min-width: 9.5em;
	}
	ol {
		display: flex;
		flex: 1;
		border: 2px solid var(--rim);
		border-radius: 10px;
	}
	li {
		flex: 1;
		border-left: 1.5px solid var(--soft);
	}
	li:first-child {
		border-left: 0;
	}
	a {
		display: grid;
		align-content: center;
		min-height: 48px;
		padding: 4px 12px;
		text-decoration: none;
		white-space: nowrap;
	}
	a span {
		font-size: 0.85em;
	}
	a[aria-current] {
		background: var(--tape);
		box-shadow: inset 0 -4px 0 var(--rim);
	}
</style>
