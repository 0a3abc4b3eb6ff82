<script lang="ts">
	import * as w from '$lib/present/wording';
	import { untrack, type Snippet } from 'svelte';
	import {
		type CoolingGlance,
		coolingStanding,
		decisionAt,
		type GateDecision
	} from '$lib/core/cooling';
	import { alarm } from './alarm.svelte';
	import type { PullTimes, SafetyLimits } from '$lib/core/rules';
	import { clockText, instantText } from '$lib/present/time';
	import { tempText, type Habit } from '$lib/present/units';
	import { placeWords } from '$lib/present/wording/codes/words';
	import { clock } from './clock.svelte';

	let {
		clocks,
		cooking,
		thawing,
		habit,
		limits,
		children
	}: {
		clocks: {
			id: number;
			name: string;
			place: keyof typeof placeWords;
			startedAtMs: number;
			endedAtMs: number | null;
			reheatOfId: number | null;
			glance: CoolingGlance;
		}[];
		/** meals that are being cooked: the next thing to do, and when */
		cooking: readonly { id: number; name: string; step: string; what: string; atMs: number }[];
		thawing: readonly (PullTimes & { code: string; name: string })[];
		habit: Habit;
		limits: SafetyLimits;
		/** what stands at the end of the line */
		children?: Snippet;
	} = $props();

	let all = $state(false);
	/** so many stand in one line on a laptop; on a phone one */
	const most = 3;

	/** What a run wants at once; null: nothing yet. */
	const acts: Record<GateDecision['code'], string | null> = {
		'on-the-way': null,
		'help-it': null,
		'measure-now': w.strip.measureNow,
		'reheat-once': w.strip.reheat,
		discard: w.strip.discard,
		cold: null
	};
	$effect(() => {
		for (const { run, act } of shown) if (act) untrack(() => alarm.ringOnce(`${run.id} ${act}`));
	});

	/** Those that want a hand first. */
	const shown = $derived(
		clocks
			.map((run) => {
				const view = coolingStanding(run.glance, run, clock.ms, limits);
				const left = view.next ? view.next.dueAtMs - clock.ms : null;
				const { code } = decisionAt(view, run, clock.ms, limits);
				const act = acts[code];
				return { run, view, left, act, wants: view.verdict !== 'pass' || act !== null };
			})
			.sort((a, b) => Number(b.wants) - Number(a.wants))
	);
	const count = $derived(shown.length + cooking.length + thawing.length);
	$effect(() => {
		for (const { id, step, atMs } of cooking)
			if (atMs <= clock.ms) untrack(() => alarm.ringOnce(`${id} ${step}`));
	});
</script>

<div
	class="strip no-print"
	class:all
	class:none={count === 0}
	aria-label={w.strip.runningClocks}
	role="region"
>
	{#each cooking as meal (meal.id)}
		{@const left = meal.atMs - clock.ms}
		<a href="/table/sheet/{meal.id}" class="tag hot" class:wants={left <= 0}>
			<span>{meal.name}<span class="place">&nbsp;· {meal.what}</span></span>
			<b>{left <= 0 ? w.strip.mealNow : w.strip.mealIn({ time: clockText(left) })}</b>
		</a>
	{/each}
	{#each shown as { run, view, left, act, wants } (run.id)}
		<a href="/cool/{run.id}" class="tag" class:wants>
			<span>{run.name}<span class="place">&nbsp;· {placeWords[run.place]}</span></span>
			<b>
				{act ? `${act}: ` : ''}{w.strip.about({
					temp: tempText(view.nowC, habit)
				})}{#if view.next && left !== null},
					{left < 0 ? w.strip.gatePassed : w.strip.gateIn}
					{clockText(Math.abs(left))}{:else}{w.strip.cold}{/if}
			</b>
		</a>
	{/each}
	{#each thawing as pack (pack.code)}
		{@const late = pack.cookByMs !== null && pack.cookByMs < clock.ms}
		<a href="/freezer/{pack.code}" class="tag" class:wants={late}>
			<span>{w.strip.thaws({ name: pack.name })}</span>
			<b>
				{#if pack.cookByMs === null}{w.strip
						.look}{:else if pack.discardAtMs !== null && pack.discardAtMs < clock.ms}{w.strip
						.discard}{:else if late}{w.strip
						.cookNow}{:else if pack.thawedAtMs !== null && pack.thawedAtMs > clock.ms}{w.strip.thawedIn(
						{ time: clockText(pack.thawedAtMs - clock.ms) }
					)}{:else}{w.strip.cookBy({ time: instantText(pack.cookByMs, habit, clock.ms) })}{/if}
			</b>
		</a>
	{/each}
	{#if count === 0}
		<span class="quiet">{w.strip.empty}</span>
	{/if}
	{#if count > 1}
		<button
			type="button"
			class="more"
			class:wide={count > most}
			aria-expanded={all}
			onclick={() => (all = !all)}
		>
			{#if all}{w.strip.fewer}{:else}<span class="on-phone">+{count - 1}</span><span
					class="on-laptop">+{count - most}</span
				><span class="sr-only">{w.strip.more}</span>{/if}
		</button>
	{/if}
	<div class="end">{@render children?.()}</div>
</div>

<style>
	/* what runs, and what was just done, stays in sight */
	.strip {
		position: sticky;
		top: 0;
		z-index: 24;
		background: var(--frost);
		display: flex;
		align-items: center;
		gap: 6px;
		max-width: 1280px;
		min-height: 34px;
		margin: 0 auto;
		padding: 0 24px;
	}
	.end {
		display: flex;
		flex: none;
		flex-wrap: wrap;
		align-items: center;
		justify-content: flex-end;
		min-width: 0;
		margin-left: auto;
	}
	.tag,
	.more {
		display: flex;
		gap: 8px;
		align-items: center;
		min-height: 34px;
		min-width: 0;
		padding: 0 10px;
		background: var(--enamel);
		font-size: 14px;
		text-decoration: none;
		white-space: nowrap;
	}
	.tag {
		overflow: hidden;
		border-left: 4px solid var(--cold);
	}
	.tag.hot span {
		max-width: 220px;
	}
	.tag.hot {
		border-left-color: var(--ember);
	}
	.strip.all {
		flex-wrap: wrap;
	}
	/* the name gives way before the figure does */
	.tag b {
		flex: none;
	}
	.tag span {
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.tag.wants {
		background: var(--mustard-pale);
		border-left-color: var(--mustard);
	}
	.more {
		border: 0;
		color: var(--ink);
		font-weight: 700;
		cursor: pointer;
	}
	.strip:not(.all) .tag:nth-of-type(n + 4),
	.more:not(.wide),
	.on-phone {
		display: none;
	}
	.all .more {
		display: flex;
	}
	@media (max-width: 767px) {
		.strip {
			min-height: 48px;
			padding: 2px 54px 2px 8px;
		}
		.strip {
			flex-wrap: wrap;
		}
		.end {
			flex: 0 1 auto;
		}
		.strip:not(.all) .tag {
			flex: 0 1 auto;
			max-width: calc(100vw - 122px);
			overflow: hidden;
		}
		.strip.none {
			padding-left: 16px;
		}
		.strip:not(.all) .tag:nth-of-type(n + 2),
		.on-laptop {
			display: none;
		}
		.tag,
		.more {
			min-height: 44px;
		}
		.more:not(.wide),
		.on-phone {
			display: flex;
		}
	}
</style>
