<script lang="ts">
	import * as w from '$lib/present/wording';
	import { untrack } from 'svelte';
	import { coolingStanding, type CoolingGlance } from '$lib/core/cooling/cooling-glance';
	import { decisionAt, type GateDecision } from '$lib/core/cooling/gate-decision';
	import { alarm } from './alarm.svelte';
	import type { SafetyLimits } from '$lib/core/safety/limits';
	import type { PullTimes } from '$lib/core/storage/pull';
	import { clockText, instantText } from '$lib/present/time';
	import { tempText, type Habit } from '$lib/present/units';
	import { placeWords } from '$lib/present/wording/codes/words';
	import { clock } from './clock.svelte';

	let {
		clocks,
		thawing,
		habit,
		limits
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
		thawing: readonly (PullTimes & { code: string; name: string })[];
		habit: Habit;
		limits: SafetyLimits;
	} = $props();

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
</script>

<div class="strip no-print" aria-label={w.strip.runningClocks} role="region">
	{#each shown as { run, view, left, act, wants } (run.id)}
		<a href="/cool/{run.id}" class="tag" class:wants>
			<span>{run.name} · {placeWords[run.place]}</span>
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
	{#if shown.length === 0 && thawing.length === 0}
		<span class="quiet py-2">{w.strip.empty}</span>
	{/if}
</div>

<style>
	.strip {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 10px;
		max-width: 1296px;
		margin: 0 auto;
		padding: 12px 28px 14px;
	}
	.tag {
		display: flex;
		flex-wrap: wrap;
		gap: 0 10px;
		background: var(--enamel);
		border-left: 6px solid var(--cold);
		padding: 6px 12px;
		text-decoration: none;
		font-size: 15px;
		align-items: center;
		min-height: 48px;
	}
	.tag.wants {
		background: var(--mustard-pale);
		border-left-color: var(--mustard);
	}
	@media (max-width: 767px) {
		.strip {
			flex-wrap: nowrap;
			overflow-x: auto;
			padding: 2px 12px 10px;
			gap: 6px;
		}
		.tag {
			flex: 0 0 auto;
			max-width: 82%;
			padding: 6px 10px;
		}
	}
</style>
