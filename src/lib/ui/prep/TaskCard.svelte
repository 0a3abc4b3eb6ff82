<script lang="ts">
	import { type BoardTask, hands } from '$lib/core/schedule';
	import { isRawAnimalClass } from '$lib/core/foods';
	import { taskText } from '$lib/present/run-words';
	import { countdownText, durationText, instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import type { StepNote } from '$lib/server/services/day/step-notes';
	import { tempText } from '$lib/present/units';
	import { clock } from '../shell/clock.svelte';
	import type { Say } from './day-log.svelte';
	import Press from '../kit/Press.svelte';
	import { swipeRight } from './swipe';
	import Word from '../kit/Word.svelte';

	let {
		row,
		leads,
		dishes,
		note,
		manyCooks,
		goesOn,
		coolingId,
		dayId,
		habit,
		say
	}: {
		row: BoardTask;
		/** the first of what is done now: what the eye looks for */
		leads: boolean;
		/** names of its dishes */
		dishes: string;
		/** what its step says beside its words */
		note: StepNote | undefined;
		/** more than one cook is at work: it says whose it is */
		manyCooks: boolean;
		/** what the hands go on with, if this is finished now */
		goesOn: BoardTask | null;
		coolingId: number | undefined;
		dayId: number;
		habit: Habit;
		say: Say;
	} = $props();
	const { task } = $derived(row);
	const running = $derived(row.status === 'running');
	const leftMs = $derived(row.endMs - clock.fineMs);
	const raw = $derived(isRawAnimalClass(task.hygiene));
	const byHand = $derived((task.uses?.[hands] ?? 0) > 0);
	const finish = () => say({ kind: 'finish', key: task.id });
	const begin = () => say({ kind: 'begin', key: task.id });
</script>

<li
	class="card"
	class:running
	class:leads
	class:over={running && leftMs < 0}
	{@attach swipeRight(() => (running ? finish() : begin()))}
>
	{#if row.washBefore && !running}<p class="wash">{w.runSheet.wash}</p>{/if}
	<div class="head">
		<p class="what">
			{taskText(task)}
			{#if raw}<Word tone="refused" text={w.runSheet.rawWord} />{/if}
			{#if manyCooks && row.cook !== null}<Word
					tone="cold"
					text={w.runSheet.cookTag({ n: row.cook + 1 })}
				/>{/if}
			{#if task.kind !== 'cool' && task.kind !== 'pack' && dishes}
				<br /><span class="quiet">{dishes}</span>
			{/if}
		</p>
		<p class="clock" class:quiet={!running}>
			{#if running}
				<b>{countdownText(leftMs)}</b>
				<span class="quiet">{leftMs < 0 ? w.runSheet.over : w.runSheet.left}</span>
			{:else}
				<b>{durationText((row.endMs - row.startMs) / 60_000)}</b>
				<span>{w.runSheet.begins({ at: instantText(row.startMs, habit) })}</span>
			{/if}
		</p>
	</div>
	{#if note && (note.sentence || note.lines.length > 0)}
		<p class="note">
			{#if note.lines.length > 0}<b>{note.lines.join(', ')}</b>{/if}
			{#if note.ovenC !== null}<span>{tempText(note.ovenC, habit)}</span>{/if}
			{#if note.sentence}<span class="quiet">“{note.sentence}.”</span>{/if}
		</p>
	{/if}
	<div class="acts">
		{#if running}
			{#if goesOn && byHand}
				<Press
					first={leads}
					onclick={() =>
						say({ kind: 'finish', key: task.id }, { kind: 'begin', key: goesOn.task.id })}
					>{w.runSheet.finishAnd({ next: taskText(goesOn.task) })}</Press
				>
				<Press look="quiet" onclick={finish} data-finish>{w.runSheet.finish}</Press>
			{:else}
				<Press first={leads} onclick={finish} data-finish>{w.runSheet.finish}</Press>
			{/if}
			<Press look="quiet" onclick={() => say({ kind: 'late', key: task.id, value: 5 })}
				>{w.runSheet.fiveMore}</Press
			>
			<Press look="quiet" onclick={() => say({ kind: 'late', key: task.id, value: 15 })}
				>{w.runSheet.fifteenLate}</Press
			>
			{#if task.kind === 'cool' && coolingId}
				<Press href="/cool/{coolingId}">{w.runSheet.toCooling}</Press>
			{/if}
			{#if task.kind === 'pack'}
				<Press href="/pack/day/{dayId}?dish={task.dishIds[0]}">{w.packDay.heading}</Press>
			{/if}
		{:else}
			<Press first={leads} onclick={begin} data-begin>{w.runSheet.begin}</Press>
			<Press look="quiet" onclick={() => say({ kind: 'skip', key: task.id })}
				>{w.runSheet.skip}</Press
			>
		{/if}
	</div>
</li>

<style>
	.card {
		display: grid;
		gap: 8px;
		padding: 10px 14px;
		border: 1.5px solid var(--hair);
		border-radius: 12px;
		background: var(--enamel);
	}
	.card.running {
		border-color: var(--rim);
	}
	.card.leads {
		border: 3px solid var(--rim);
		padding: 14px 18px;
	}
	.card.over {
		border: 3px solid var(--mustard);
		background: var(--mustard-pale);
	}
	.head {
		display: flex;
		justify-content: space-between;
		gap: 12px;
		align-items: flex-start;
	}
	.what {
		font-size: 18px;
		font-weight: 700;
		line-height: 1.25;
		overflow-wrap: anywhere;
	}
	.leads .what {
		font-size: 22px;
	}
	.what :global(.quiet) {
		font-weight: 400;
	}
	.clock {
		flex: none;
		text-align: right;
		font-variant-numeric: tabular-nums;
	}
	.running .clock b {
		font-size: 26px;
		line-height: 1.1;
	}
	.running.leads .clock b {
		font-size: 40px;
	}
	.clock b,
	.clock span {
		display: block;
	}
	.wash {
		background: var(--leaf-pale);
		color: var(--leaf);
		font-weight: 700;
		padding: 6px 10px;
		border-radius: 6px;
	}
	.note {
		font-size: 17px;
		overflow-wrap: anywhere;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	.leads .acts :global(.press) {
		min-height: 52px;
	}
	@media (max-width: 767px) {
		.acts :global(.press) {
			min-height: 52px;
			flex: 1 1 auto;
		}
		.leads .acts :global(.press.first) {
			flex: 1 1 100%;
			min-height: 64px;
			font-size: 19px;
		}
	}
</style>
