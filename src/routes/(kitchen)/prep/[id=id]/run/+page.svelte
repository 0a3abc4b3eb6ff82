<script lang="ts">
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import { untrack } from 'svelte';
	import { dayBoard, type DayEvent, goesOnWith } from '$lib/core/schedule';
	import { taskText } from '$lib/present/run-words';
	import { dayText, dayTitle, durationText, instantText } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import { alarm } from '$lib/ui/shell/alarm.svelte';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { DayLog, type Say } from '$lib/ui/prep/day-log.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import CoolingWays from '$lib/ui/prep/CoolingWays.svelte';
	import KitchenToday from '$lib/ui/prep/KitchenToday.svelte';
	import Outlook from '$lib/ui/prep/Outlook.svelte';
	import PlanChange from '$lib/ui/prep/PlanChange.svelte';
	import TaskCard from '$lib/ui/prep/TaskCard.svelte';
	import Timeline from '$lib/ui/prep/Timeline.svelte';
	import { screenAwake } from '$lib/ui/shell/wake-lock.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { StaleFields } from '$lib/present/seen';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const dayId = $derived(data.now.day.id);
	const log = $derived.by(() => {
		const id = dayId;
		return untrack(() => new DayLog(id, () => data.now));
	});
	$effect(() => log.start());
	const day = $derived(dayText(data.now.day.onDay, data.habit));
	const run = $derived(log.known.run);
	const plan = $derived(run.plan);
	const happened = $derived(log.state);
	const started = $derived(happened.startedAtMs !== null);
	const ended = $derived(happened.endedAtMs !== null);
	const zeroMs = $derived(happened.startedAtMs ?? plan?.zeroMs ?? 0);
	const board = $derived(plan ? dayBoard(plan, happened, clock.fineMs) : []);
	const of = (...statuses: string[]) => board.filter((row) => statuses.includes(row.status));
	const now = $derived([...of('running').sort((a, b) => a.endMs - b.endMs), ...of('due')]);
	const slow = $derived((happened.slow01.oven ?? 1) > 1);
	const over = $derived(of('done', 'skipped'));
	const dishName = (id: number) => data.dishes.find((dish) => dish.id === id)?.name ?? '';
	const dishNames = (ids: readonly number[]) => ids.map(dishName).filter(Boolean).join(', ');
	const coolingOf = (ids: readonly number[]) =>
		log.known.coolings.findLast((cooling) => cooling.dishId === ids[0])?.id;
	const facts = $derived(
		w.runSheet.facts({ cooks: run.capacity.hands ?? 1, burners: run.capacity.burner ?? 0 })
	);
	let kitchenOpen = $state(false);
	$effect(() => {
		if (form && 'errors' in form) kitchenOpen = true;
	});
	const say: Say = (...events) => log.say(...events);

	const texts = $derived(new Map((plan?.tasks ?? []).map((task) => [task.id, taskText(task)])));
	const saidText = ({ kind, key, value }: DayEvent) =>
		w.runSheet.saying({
			kind: w.runSheet.said[kind],
			what: texts.get(key) ?? w.runSheet.lanes[key] ?? '',
			by: kind === 'late' || kind === 'pause' ? durationText(value ?? 0) : ''
		});

	$effect(() => (started && !ended ? screenAwake.keep() : undefined));
	const timesUp = $derived(of('running').filter((row) => row.endMs <= clock.fineMs));
	$effect(() => {
		for (const { task } of timesUp) untrack(() => alarm.ringOnce(task.id));
	});
</script>

<svelte:head><title>{w.runSheet.pageTitle({ day })}</title></svelte:head>

<DayBar
	day={data.bar}
	at="cook"
	habit={data.habit}
	title={dayTitle(data.now.day.onDay, data.habit)}
	facts={started
		? `${w.runSheet.begunAt({ at: instantText(zeroMs, data.habit, clock.ms) })} · ${facts}`
		: facts}
>
	<Press href="/prep/{dayId}" look="quiet">{w.runSheet.toPrep}</Press>
	{#if plan && !started && plan.outcome !== 'infeasible'}
		<Press first onclick={() => say({ kind: 'start' })}>{w.runSheet.start}</Press>
	{/if}
</DayBar>

<p class="sr-only" role="alert">
	{timesUp.map(({ task }) => w.runSheet.timeUp({ what: taskText(task) })).join('; ')}
</p>
{#if log.unsent > 0}
	<div class="mb-3" role="status">
		<p><Word tone="caution" text={w.runSheet.unsent({ count: log.unsent })} /></p>
		<p class="quiet">{w.runSheet.unsentList}</p>
		<ul class="quiet">
			{#each log.waiting as event (event.uid)}
				<li>{instantText(event.atMs, data.habit)} {saidText(event)}</li>
			{/each}
		</ul>
	</div>
{/if}

{#if data.dishes.length === 0}
	<section class="plate grid gap-3">
		<p>{w.prep.noDishes}</p>
		<p><Press href="/menu/day/{dayId}" first>{w.prep.toMenu}</Press></p>
	</section>
{:else}
	{#if ended}
		<p class="mb-3 flex flex-wrap items-center gap-3">
			<b
				>{w.runSheet.took({
					all: durationText(((happened.endedAtMs ?? 0) - zeroMs) / 60_000)
				})}</b
			>
			<Press look="quiet" onclick={() => say({ kind: 'start' })}>{w.runSheet.goOn}</Press>
		</p>
	{/if}
	{#if plan}
		<div class="screen" class:live={started}>
			<section class="plate ruler-plate">
				<Timeline
					{board}
					dishes={data.dishes}
					habit={data.habit}
					{started}
					move={(key, atMs) => say({ kind: 'move', key, value: atMs })}
				/>
			</section>
			{#if started}
				<section class="now">
					<h2 class="quiet">{w.runSheet.now}</h2>
					{#if now.length === 0}
						<p>
							{over.length === board.length ? w.runSheet.allDone : w.runSheet.nothingNow}
						</p>
						{#if over.length === board.length && !ended}
							<p class="mt-3">
								<Press first onclick={() => say({ kind: 'end' })}>{w.runSheet.endDay}</Press>
							</p>
						{/if}
					{/if}
					<ul class="grid gap-2">
						{#each now as row, i (row.task.id)}
							<TaskCard
								{row}
								leads={i === 0}
								dishes={dishNames(row.task.dishIds)}
								note={data.notes[row.task.id]}
								manyCooks={(run.capacity.hands ?? 1) > 1}
								goesOn={row.status === 'running' ? goesOnWith(board, row.task.id) : null}
								coolingId={coolingOf(row.task.dishIds)}
								{dayId}
								habit={data.habit}
								{say}
							/>
						{/each}
					</ul>
				</section>
			{/if}
			<div class="then">
				{@render toCome()}
				{#if over.length > 0}
					<details>
						<summary class="summary">{w.runSheet.done} ({over.length})</summary>
						<ul>
							{#each over as row (row.task.id)}
								<li class="flex items-center justify-between gap-3 py-1">
									<span class:left-out={row.status === 'skipped'}>{taskText(row.task)}</span>
									<Press
										look="quiet"
										aria-label="{w.runSheet.again}: {taskText(row.task)}"
										onclick={() => say({ kind: 'again', key: row.task.id })}
										>{w.runSheet.again}</Press
									>
								</li>
							{/each}
						</ul>
					</details>
				{/if}
			</div>
			<div class="day">
				<Outlook
					{run}
					{plan}
					{dishName}
					deadlineMs={log.known.deadlineMs}
					{started}
					{zeroMs}
					habit={data.habit}
					search={log.known.search}
				/>
				{#if started && !ended}
					<div class="flex flex-wrap gap-2">
						<Press look="quiet" onclick={() => say({ kind: 'pause', value: 15 })}
							>{w.runSheet.shortBreak}</Press
						>
						<Press
							look="quiet"
							onclick={() => say({ kind: 'slow', key: 'oven', value: slow ? 1 : 1.25 })}
							>{slow
								? w.runSheet.notSlow({ name: w.runSheet.lanes.oven })
								: w.runSheet.slow({ name: w.runSheet.lanes.oven })}</Press
						>
						<Press
							look="quiet"
							onclick={() => (alarm.on ? alarm.switchOff() : void alarm.switchOn())}
							>{alarm.on ? w.runSheet.soundOff : w.runSheet.soundOn}</Press
						>
						{#if log.last}
							<Press look="quiet" onclick={() => log.last && log.undo(log.last)}
								>{w.runSheet.undoLast({ what: saidText(log.last) })}</Press
							>
						{/if}
					</div>
				{/if}
				{#if started}
					<PlanChange {plan} {zeroMs} habit={data.habit} />
					{#if screenAwake.state !== 'off' && !ended}
						<p class="quiet">
							{screenAwake.state === 'kept' ? w.runSheet.awake : w.runSheet.asleep}
						</p>
					{/if}
				{/if}
				{#if Object.keys(run.cooling).length > 0}
					<details>
						<summary class="summary">{w.runSheet.cooling}</summary>
						<CoolingWays {run} {plan} {dishName} {started} habit={data.habit} />
					</details>
				{/if}
			</div>
		</div>
	{:else}
		<p class="mb-3" role="status">{form ? w.runSheet.notPlanned : w.runSheet.planningFirst}</p>
	{/if}
	<details class="no-print mt-3" bind:open={kitchenOpen}>
		<summary class="summary">{w.runSheet.kitchen}</summary>
		<KitchenToday
			{run}
			habit={data.habit}
			errors={(form && 'errors' in form && form.errors) || {}}
			typedBefore={form && 'typed' in form ? form.typed : undefined}
			stale={form && 'stale' in form ? (form.stale as StaleFields) : undefined}
			first={plan === null && !form}
		/>
	</details>
{/if}

{#snippet toCome()}
	{#if of('next').length > 0}
		<section>
			<h2 class="quiet">{w.runSheet.next}</h2>
			<ul>
				{#each of('next') as row (row.task.id)}{@render line(row, started)}{/each}
			</ul>
		</section>
	{/if}
	{#if of('later').length > 0}
		<details open={!started}>
			<summary class="summary">{w.runSheet.later} ({of('later').length})</summary>
			<ul class:long={!started}>
				{#each of('later') as row (row.task.id)}{@render line(row, false)}{/each}
			</ul>
		</details>
	{/if}
{/snippet}

{#snippet line(row: (typeof board)[number], canBegin: boolean)}
	<li class="line">
		<span class="at">{instantText(row.startMs, data.habit)}</span>
		<span>
			{#if row.washBefore}<b class="text-(--cold)">{w.runSheet.wash}</b><br />{/if}
			{taskText(row.task)}
			{#if row.task.kind === 'step' || row.task.kind === 'chop'}
				<span class="quiet">{dishNames(row.task.dishIds)}</span>
			{/if}
		</span>
		<span class="quiet">{durationText((row.endMs - row.startMs) / 60_000)}</span>
		{#if canBegin}
			<span class="acts no-print">
				<Press look="quiet" onclick={() => say({ kind: 'begin', key: row.task.id })} data-begin
					>{w.runSheet.begin}</Press
				>
				<Press look="bare" onclick={() => say({ kind: 'skip', key: row.task.id })}
					>{w.runSheet.skip}</Press
				>
			</span>
		{/if}
	</li>
{/snippet}

<style>
	.screen {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 14px 24px;
		align-items: start;
	}
	.screen:not(.live) .day {
		order: 1;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 10px 32px;
		align-items: start;
	}
	.screen:not(.live) .then {
		order: 2;
	}
	.ruler-plate {
		grid-column: 1 / -1;
		padding: 10px 14px;
	}
	.live {
		grid-template-columns: 450px minmax(0, 1fr) 300px;
	}
	.day {
		display: grid;
		gap: 10px;
	}
	.long {
		columns: 3;
		column-gap: 28px;
	}
	.line {
		display: grid;
		grid-template-columns: 58px minmax(0, 1fr) auto;
		gap: 0 10px;
		padding: 8px 0;
		border-top: 1px solid var(--hair);
		break-inside: avoid;
	}
	.line .acts {
		grid-column: 2 / -1;
		display: flex;
		gap: 6px;
		padding-top: 4px;
	}
	.at {
		font-weight: 700;
		font-variant-numeric: tabular-nums;
	}
	.summary {
		font-weight: 700;
		min-height: 44px;
		display: flex;
		align-items: center;
		cursor: pointer;
	}
	.summary::before {
		content: '▸';
		margin-right: 8px;
	}
	details[open] > .summary::before {
		content: '▾';
	}
	.left-out {
		text-decoration: line-through;
	}
	@media (max-width: 1023px) {
		.screen,
		.live {
			grid-template-columns: minmax(0, 1fr);
		}
		/* at the stove what is to be done comes first, the ruler after it */
		.now {
			order: -1;
		}
		.long {
			columns: 1;
		}
	}
	@media print {
		.screen,
		.live {
			display: block;
		}
		.line {
			padding: 2px 0;
			font-size: 12px;
		}
		.long {
			columns: 1;
		}
		.day details {
			display: none;
		}
	}
</style>
