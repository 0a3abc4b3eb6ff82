<script lang="ts">
	import type { BoardTask } from '$lib/core/schedule/day-board';
	import { isRawAnimalClass } from '$lib/core/foods/raw-class';
	import { taskText } from '$lib/present/run-words';
	import { instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import { clock } from '../shell/clock.svelte';
	import { lanesOf } from './lanes';

	let {
		board,
		habit,
		started,
		move
	}: {
		board: readonly BoardTask[];
		habit: Habit;
		started: boolean;
		/** a task is to begin at a moment */
		move: (taskId: string, atMs: number) => void;
	} = $props();

	const hourMs = 3_600_000;
	const stepMs = 5 * 60_000;
	const lanes = $derived(lanesOf(board, Object.keys(w.runSheet.lanes)));
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
		{#each lanes as lane (`${lane.resource} ${lane.number}`)}
			<div class="lane">
				<span class="name"
					>{w.runSheet.lanes[lane.resource]}{lanes.filter((l) => l.resource === lane.resource)
						.length > 1
						? ` ${lane.number}`
						: ''}</span
				>
				<div class="track">
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
							class="bar {row.status} {row.task.kind}"
							class:raw={isRawAnimalClass(row.task.hygiene)}
							class:held={drag?.id === row.task.id}
							style:left="{share(row.startMs + (drag?.id === row.task.id ? drag.byMs : 0))}%"
							style:width="{Math.max(0.6, share(row.endMs) - share(row.startMs))}%"
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
							onpointercancel={() => (drag = null)}>{taskText(row.task)}</button
						>
					{/each}
				</div>
			</div>
		{/each}
	</div>
</div>

<style>
	.scroll {
		overflow-x: auto;
	}
	.sheet {
		min-width: 760px;
		display: grid;
		gap: 4px;
	}
	.lane {
		display: grid;
		grid-template-columns: 108px 1fr;
		align-items: center;
		gap: 8px;
	}
	.name {
		font-size: 14px;
		font-weight: 700;
		position: sticky;
		left: 0;
		z-index: 3;
		background: var(--enamel);
	}
	.track {
		position: relative;
		height: 40px;
		background: var(--frost);
		border-radius: 6px;
	}
	.ruler .track {
		height: 22px;
		background: none;
	}
	.mark {
		position: absolute;
		font-size: 14px;
		color: var(--soft);
		font-variant-numeric: tabular-nums;
	}
	.track i {
		position: absolute;
		inset: 0 auto 0 auto;
		width: 1px;
		background: var(--hair);
	}
	.track i.now {
		width: 3px;
		background: var(--ember);
		z-index: 2;
	}
	.bar {
		position: absolute;
		top: 3px;
		bottom: 3px;
		overflow: hidden;
		white-space: nowrap;
		text-align: left;
		font-size: 14px;
		padding: 0 6px;
		border: 1.5px solid var(--rim);
		border-radius: 5px;
		background: var(--enamel);
		color: var(--ink);
		cursor: grab;
		touch-action: pan-y;
	}
	.bar.chop {
		background: var(--leaf-pale);
	}
	.bar.cool {
		background: var(--cold-pale);
	}
	.bar.pack {
		background: var(--tape);
		color: #15263a;
	}
	.bar.pause {
		background: none;
		border-style: dashed;
	}
	.bar.raw {
		background: var(--ember-pale);
	}
	.bar.running {
		border-width: 3px;
		font-weight: 700;
	}
	.bar.done {
		opacity: 0.55;
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
</style>
