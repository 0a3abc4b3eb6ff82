<script lang="ts">
	import type { Snippet } from 'svelte';
	import { goto } from '$app/navigation';
	import PageHead from '../kit/PageHead.svelte';
	import DownIcon from '@lucide/svelte/icons/chevron-down';
	import { dayText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import type { DayProgress } from '$lib/core/schedule';

	type Stop = 'plan' | 'shop' | 'prep' | 'cook' | 'cool' | 'pack' | 'after';
	/** The head of each screen of a packing day: what it is, the way through the day with what is left at each stop, what can be done. */
	let {
		day,
		at,
		habit,
		title,
		facts = '',
		children
	}: {
		day: DayProgress;
		at: Stop;
		habit: Habit;
		title: string;
		/** quiet words beside the heading */
		facts?: string;
		/** what can be done here, the next step last */
		children?: Snippet;
	} = $props();
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
	/** a number to be seen, and the words it stands for */
	interface Left {
		stop: Stop;
		n?: number | string;
		words?: string;
	}
	const stops = $derived<Left[]>([
		{ stop: 'plan', n: day.dishes, words: say.dishes({ n: day.dishes }) },
		{
			stop: 'shop',
			...(day.bought > 0 && { n: day.bought, words: say.bought({ n: day.bought }) })
		},
		{ stop: 'prep' },
		{
			stop: 'cook',
			...(day.tasks === null
				? { words: say.notPlanned }
				: { n: day.tasks.left || '✓', words: say.left(day.tasks) })
		},
		{
			stop: 'cool',
			...(day.cooling > 0 && { n: day.cooling, words: say.cooling({ n: day.cooling }) })
		},
		{
			stop: 'pack',
			...(day.packs.of > 0 && { n: day.packs.left || '✓', words: say.packs(day.packs) })
		},
		{ stop: 'after', ...(day.ended && { n: '✓', words: say.ended }) }
	]);
</script>

<PageHead {title} {facts} {beside} {middle} {children} />

{#snippet beside()}
	{#if day.others.length > 0}
		<label class="which no-print">
			<span class="sr-only">{say.which}</span>
			<DownIcon size={20} aria-hidden="true" />
			<select
				value={String(day.id)}
				onchange={(event) => goto(hrefs[at](Number(event.currentTarget.value)))}
			>
				<option value={String(day.id)}>{dayText(day.onDay, habit)}</option>
				{#each day.others as other (other.id)}
					<option value={String(other.id)}>{dayText(other.onDay, habit)}</option>
				{/each}
			</select>
		</label>
	{/if}
{/snippet}

{#snippet middle()}
	<nav class="no-print" aria-label={say.title({ day: dayText(day.onDay, habit) })}>
		<ol>
			{#each stops as { stop, n, words } (stop)}
				<li>
					<a
						href={hrefs[stop](day.id)}
						aria-current={stop === at ? 'step' : undefined}
						title={words || undefined}
					>
						<b>{say.stops[stop]}</b>
						{#if words}
							{#if n !== undefined}<span aria-hidden="true">{n}</span>{/if}
							<span class="sr-only">{words}</span>
						{/if}
					</a>
				</li>
			{/each}
		</ol>
	</nav>
{/snippet}

<style>
	.which {
		position: relative;
		align-self: center;
		display: grid;
		place-items: center;
		width: 36px;
		height: 36px;
		border-radius: 8px;
	}
	.which:focus-within {
		outline: 3px solid var(--cold);
	}
	.which select {
		position: absolute;
		inset: 0;
		opacity: 0;
		cursor: pointer;
	}
	nav {
		min-width: 0;
	}
	ol {
		display: flex;
	}
	li {
		display: flex;
		flex: none;
		align-items: center;
	}
	li + li::before {
		content: '';
		width: 10px;
		border-top: 2px solid var(--hair);
	}
	a {
		position: relative;
		display: inline-flex;
		align-items: center;
		gap: 5px;
		min-height: 38px;
		padding: 0 7px;
		border-radius: 6px;
		font-size: 15px;
		text-decoration: none;
		white-space: nowrap;
	}
	a b {
		font-weight: 600;
	}
	a > span {
		color: var(--soft);
		font-size: 14px;
	}
	a[aria-current] {
		background: var(--tape);
		box-shadow: inset 0 -3px 0 var(--rim);
	}
	a[aria-current] b {
		font-weight: 700;
	}
	a[aria-current] > span {
		color: var(--ink);
	}
	@media (max-width: 767px) {
		nav {
			flex: 1 1 100%;
			overflow-x: auto;
		}
		a {
			min-height: 44px;
		}
		.which {
			width: 44px;
			height: 44px;
		}
	}
</style>
