<script lang="ts">
	import type { BoardTask } from '$lib/core/schedule';
	import { isRawAnimalClass } from '$lib/core/foods';
	import { taskText } from '$lib/present/run-words';
	import { instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import { clock } from '../shell/clock.svelte';
	import { dishLanes, lanesOf } from './lanes';

	let {
		board,
		dishes,
		habit,
		started,
		move
	}: {
		board: readonly BoardTask[];
		/** in the order of their colours */
		dishes: readonly { id: number; name: string }[];
		habit: Habit;
		started: boolean;
		/** a task is to begin at a moment */
		move: (taskId: string, atMs: number) => void;
	} = $props();

	/** so many grounds are told apart; the words in a bar say what it is */
	const tones = 8;
	const hourMs = 3_600_000;
	const stepMs = 5 * 60_000;
	let byDish = $state(false);
	const lanes = $derived(
		byDish ? dishLanes(board, dishes) : lanesOf(board, Object.keys(w.runSheet.lanes))
	);
	/** a lane says whose it is once: the next of the same kind stand under it */
	const laneName = (at: number): string => {
		const { resource } = lanes[at];
		if (lanes[at - 1]?.resource === resource) return '';
		return byDish ? resource : w.runSheet.lanes[resource];
	};
	const toneOf = (row: BoardTask): string => {
		const at = dishes.findIndex(({ id }) => id === row.task.dishIds[0]);
		return row.task.dishIds.length !== 1 || at < 0 ? 'many' : `tone-${at % tones}`;
	};
	const fromMs = $derived(
		Math.floor(Math.min(...board.map((row) => row.startMs)) / (hourMs / 2)) * (hourMs / 2)
	);
	const toMs = $derived(
		Math.max(fromMs + hourMs, ...board.map((row) => row.endMs), started ? clock.ms : 0)
	);
	const share = (ms: number) => ((ms - fromMs) / (toMs - fromMs)) * 100;
	const everyMs = $derived(
		toMs - fromMs > 10 * hourMs ? 2 * hourMs : toMs - fromMs > 5 * hourMs ? hourMs : hourMs / 2
	);
	const marks = $derived(
		Array.from(
			{ length: Math.floor((toMs - fromMs) / everyMs) + 1 },
			(_, i) => fromMs + i * everyMs
		)
	);
	/** a letter of a bar's words takes about so many pixels */
	const letterPx = 8.3;
	/** As many whole words as a bar has room for; its full words are its name. */
	function fitted(text: string, row: BoardTask): string {
		const room = Math.floor(
			(((row.endMs - row.startMs) / (toMs - fromMs)) * trackPx - 12) / letterPx
		);
		let shown = '';
		for (const word of text.split(' ')) {
			const longer = shown ? `${shown} ${word}` : word;
			if (longer.length > room) break;
			shown = longer;
		}
		return shown.replace(/[,;:]$/, '');
	}
	let drag = $state<{ id: string; fromX: number; byMs: number } | null>(null);
	let trackPx = $state(1);
	const canMove = (row: BoardTask) =>
		(row.status === 'next' || row.status === 'later' || row.status === 'due') &&
		row.task.kind !== 'pause';
	const snapped = (ms: number) => Math.round(ms / stepMs) * stepMs;

	function drop(row: BoardTask): void {
		const byMs = drag?.byMs ?? 0;
		drag = null;
		if (Math.abs(byMs) >= stepMs / 2) move(row.task.id, snapped(row.startMs + byMs));
	}
	function press(event: KeyboardEvent, row: BoardTask): void {
		if (event.key !== 'ArrowRight' && event.key !== 'ArrowLeft') return;
		event.preventDefault();
		move(row.task.id, snapped(row.startMs + (event.key === 'ArrowRight' ? stepMs : -stepMs)));
	}
</script>

<div class="top">
	<h2>{w.runSheet.timeline}</h2>
	<ul class="legend" aria-label={w.runSheet.legend}>
		{#each dishes as dish, i (dish.id)}
			<li><i class="tone-{i % tones}"></i>{dish.name}</li>
		{/each}
	</ul>
	<button
		type="button"
		class="turn no-print"
		aria-pressed={byDish}
		onclick={() => (byDish = !byDish)}>{byDish ? w.runSheet.byPlace : w.runSheet.byDish}</button
	>
</div>
<div class="scroll">
	<div class="sheet">
		<div class="lane ruler" aria-hidden="true">
			<span class="name"></span>
			<div class="track" bind:clientWidth={trackPx}>
				{#each marks as mark (mark)}
					<span class="mark" style:left="{share(mark)}%">{instantText(mark, habit)}</span>
				{/each}
			</div>
		</div>
		{#each lanes as lane, at (`${lane.resource} ${lane.number}`)}
			<div class="lane" class:again={laneName(at) === ''}>
				<span class="name">{laneName(at)}</span>
				<div class="track">
					{#if started}<i class="past" style:width="{Math.max(0, share(clock.ms))}%"></i>{/if}
					{#each marks as mark (mark)}<i style:left="{share(mark)}%"></i>{/each}
					{#if started}<i class="now" style:left="{share(clock.ms)}%"></i>{/if}
					{#each lane.rows as row (row.task.id)}
						{@const words = w.runSheet.bar({
							text: taskText(row.task),
							from: instantText(row.startMs, habit),
							to: instantText(row.endMs, habit)
						})}
						<button
							type="button"
							class="bar {row.status} {row.task.kind} {toneOf(row)}"
							class:raw={isRawAnimalClass(row.task.hygiene)}
							class:held={drag?.id === row.task.id}
							style:left="{share(row.startMs + (drag?.id === row.task.id ? drag.byMs : 0))}%"
							style:width="{Math.max(0.5, share(row.endMs) - share(row.startMs))}%"
							aria-label={words}
							title={words}
							aria-disabled={!canMove(row)}
							onkeydown={(event) => canMove(row) && press(event, row)}
							onpointerdown={(event) => {
								if (!canMove(row)) return;
								event.currentTarget.setPointerCapture(event.pointerId);
								drag = { id: row.task.id, fromX: event.clientX, byMs: 0 };
							}}
							onpointermove={(event) => {
								if (drag?.id === row.task.id)
									drag.byMs = ((event.clientX - drag.fromX) / trackPx) * (toMs - fromMs);
							}}
							onpointerup={() => drag?.id === row.task.id && drop(row)}
							onpointercancel={() => (drag = null)}>{fitted(taskText(row.task), row)}</button
						>
					{/each}
				</div>
			</div>
		{/each}
		<div class="lane foot" aria-hidden="true">
			<span class="name"></span>
			<div class="track">
				{#if started}<span class="at now-at" style:left="{share(clock.ms)}%"
						>{w.runSheet.nowAt({ at: instantText(clock.ms, habit) })}</span
					>{/if}
				<span class="at end-at"
					>{w.runSheet.allPacked({
						at: instantText(Math.max(...board.map((row) => row.endMs)), habit)
					})}</span
				>
			</div>
		</div>
	</div>
</div>
<p class="quiet how no-print">{w.runSheet.timelineHow}</p>

<style>
	.top {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px 18px;
	}
	.legend {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 14px;
		flex: 1;
		font-size: 14px;
	}
	.legend li {
		display: flex;
		align-items: center;
		gap: 6px;
	}
	.legend i {
		width: 18px;
		height: 13px;
		border: 1.5px solid var(--rim);
		border-radius: 3px;
	}
	.turn {
		min-height: 36px;
		padding: 0 10px;
		border: 0;
		border-radius: 8px;
		background: color-mix(in srgb, var(--cold-pale) 60%, transparent);
		color: var(--ink);
		font-size: 15px;
		font-weight: 700;
		cursor: pointer;
	}
	.scroll {
		overflow-x: auto;
	}
	.sheet {
		min-width: 760px;
		display: grid;
	}
	.lane {
		display: grid;
		grid-template-columns: 104px 1fr;
		align-items: center;
		gap: 8px;
		border-top: 1px solid var(--hair);
	}
	.lane.again,
	.lane.ruler {
		border-top: 0;
	}
	.name {
		font-size: 14px;
		font-weight: 700;
		line-height: 1.15;
		position: sticky;
		left: 0;
		z-index: 3;
		background: var(--enamel);
	}
	.track {
		position: relative;
		height: 30px;
	}
	.ruler .track,
	.foot .track {
		height: 22px;
	}
	.ruler .track {
		border-bottom: 2px solid var(--rim);
	}
	.mark,
	.at {
		position: absolute;
		font-size: 14px;
		color: var(--soft);
		font-variant-numeric: tabular-nums;
		white-space: nowrap;
	}
	.at {
		font-weight: 700;
	}
	.now-at {
		color: var(--ember);
		padding-left: 5px;
	}
	.end-at {
		right: 0;
		color: var(--ink);
	}
	.track i {
		position: absolute;
		inset: 0 auto 0 auto;
		width: 1px;
		background: var(--hair);
	}
	.track i.past {
		left: 0;
		background: color-mix(in srgb, var(--frost) 70%, transparent);
	}
	.track i.now {
		width: 2px;
		background: var(--ember);
		z-index: 2;
	}
	.bar {
		position: absolute;
		top: 2px;
		bottom: 2px;
		overflow: hidden;
		white-space: nowrap;
		text-overflow: clip;
		text-align: left;
		font-size: 13px;
		font-weight: 600;
		padding: 0 5px;
		border: 1.5px solid var(--rim);
		border-radius: 4px;
		background: var(--enamel);
		color: var(--ink);
		cursor: grab;
		touch-action: pan-y;
	}
	.tone-0 {
		background: light-dark(#d5e8ef, #16394a);
	}
	.tone-1 {
		background: light-dark(#f6e8c8, #40300c);
	}
	.tone-2 {
		background: light-dark(#f6ded6, #4a2018);
	}
	.tone-3 {
		background: light-dark(#dcebe0, #173a27);
	}
	.tone-4 {
		background: light-dark(#e4dcef, #33274a);
	}
	.tone-5 {
		background: light-dark(#d6dee2, #2c3b46);
	}
	.tone-6 {
		background: light-dark(#efe0ea, #46233a);
	}
	.tone-7 {
		background: light-dark(#e8e9c6, #3a3b12);
	}
	.many {
		background: var(--enamel);
	}
	.bar.pause {
		background: none;
		border-style: dashed;
	}
	.bar.raw {
		border-color: var(--ember);
		border-left-width: 5px;
	}
	.bar.running {
		border-width: 3px;
		font-weight: 700;
	}
	.bar.done {
		background: var(--frost);
		border-color: var(--soft);
		color: var(--soft);
		text-decoration: line-through;
	}
	.bar[aria-disabled='true'] {
		cursor: default;
	}
	.bar.held {
		z-index: 4;
		opacity: 0.8;
		cursor: grabbing;
	}
	.how {
		margin-top: 2px;
	}
	@media (max-width: 767px) {
		.track {
			height: 48px;
		}
		.ruler .track,
		.foot .track {
			height: 22px;
		}
		.turn {
			min-height: 44px;
			margin-left: auto;
		}
		.legend {
			flex: 1 1 100%;
			order: 1;
		}
	}
	@media print {
		.sheet {
			min-width: 0;
		}
		.bar {
			print-color-adjust: exact;
		}
	}
</style>
