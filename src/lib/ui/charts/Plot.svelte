<script lang="ts">
	import * as w from '$lib/present/wording';
	import { plotTable, share, type Plot, type Point } from './plot';
	import type { readOff } from './read-off';

	let {
		plot,
		label,
		heightPx = 210
	}: {
		plot: Plot;
		/** what it shows, in words */
		label: string;
		heightPx?: number;
	} = $props();

	const margins = { top: 8, right: 20, bottom: 26, left: 38 };
	const inset = `${margins.top}px ${margins.right}px ${margins.bottom}px ${margins.left}px`;
	const across = (x: number) => share(x, plot.x);
	const up = (y: number) => share(y, plot.y);
	const path = (points: readonly Point[]) =>
		points.map(({ x, y }) => `${across(x).toFixed(2)},${(100 - up(y)).toFixed(2)}`).join(' ');
	const table = $derived(plotTable(plot));
	const between = $derived(
		plot.between && path([...plot.between.upper, ...plot.between.lower.toReversed()])
	);
	/** counted from the end, which is the one that matters */
	const thinned = (i: number) => plot.x.ticks.length > 5 && (plot.x.ticks.length - 1 - i) % 2 === 1;

	let canvas = $state<HTMLCanvasElement>();
	let reader: ReturnType<typeof readOff> | undefined;
	let asked = false;
	/** What reads a picture off is heavy: it comes when a pointer or finger does. */
	async function begin() {
		if (asked) return;
		asked = true;
		const { readOff } = await import('./read-off');
		if (canvas) reader = readOff(canvas, () => plot, margins);
	}
	$effect(() => {
		void plot;
		reader?.update();
	});
	$effect(() => () => reader?.destroy());
</script>

<div
	class="plot"
	style="height: {heightPx}px"
	role="img"
	aria-label={label}
	onpointerenter={begin}
	ontouchstart={begin}
>
	<div class="area" style:inset>
		<svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
			{#each plot.marks ?? [] as mark, i (i)}
				{#if mark.kind === 'band'}
					<rect
						x="0"
						width="100"
						y={100 - up(mark.to)}
						height={up(mark.to) - up(mark.from)}
						fill="var(--{mark.ink}-pale)"
						opacity="0.6"
					/>
				{/if}
			{/each}
			{#each plot.y.ticks as tick (tick)}
				<line x1="0" x2="100" y1={100 - up(tick)} y2={100 - up(tick)} stroke="var(--hair)" />
			{/each}
			{#if between}<polygon points={between} fill="var(--cold-pale)" opacity="0.8" />{/if}
			{#each plot.marks ?? [] as mark, i (i)}
				{#if mark.kind === 'level'}
					<line
						x1="0"
						x2="100"
						y1={100 - up(mark.at)}
						y2={100 - up(mark.at)}
						stroke="var(--{mark.ink})"
						stroke-width="2"
						stroke-dasharray="8 4"
					/>
				{/if}
			{/each}
			{#each plot.lines as line, i (i)}
				{#if !line.dotsOnly}
					<polyline
						points={path(line.points)}
						fill="none"
						stroke="var(--{line.ink})"
						stroke-width={line.widthPx ?? 3}
						stroke-dasharray={line.dash?.join(' ')}
						stroke-linejoin="round"
					/>
				{/if}
			{/each}
		</svg>
		{#each plot.marks ?? [] as mark, i (i)}
			{#if mark.kind === 'band'}
				<span class="said under" style="bottom: {up(mark.to)}%; color: var(--{mark.ink})"
					>{mark.text}</span
				>
			{:else if mark.kind === 'level'}
				<span class="said" style="bottom: {up(mark.at)}%; color: var(--{mark.ink})"
					>{mark.text}</span
				>
			{:else if mark.kind === 'post'}
				<span class="post over" style="left: {across(mark.x)}%; bottom: {up(mark.y)}%"></span>
				<span class="post pass" style="left: {across(mark.x)}%; height: {up(mark.y)}%"></span>
			{:else}
				<span class="ring" style="left: {across(mark.x)}%; bottom: {up(mark.y)}%"
					><b>{mark.text}</b></span
				>
			{/if}
		{/each}
		{#each plot.lines.filter(({ dotPx }) => dotPx) as line, i (i)}
			{#each line.points as { x, y }, k (k)}
				<span
					class="dot"
					style="left: {across(x)}%; bottom: {up(
						y
					)}%; --px: {line.dotPx}px; background: var(--{line.ink})"
				></span>
			{/each}
		{/each}
		{#each plot.y.ticks as tick (tick)}
			<span class="y-text" style="bottom: {up(tick)}%">{plot.y.text(tick)}</span>
		{/each}
		{#each plot.x.ticks as tick, i (tick)}
			<span class="x-text" class:thinned={thinned(i)} style="left: {across(tick)}%"
				>{plot.x.text(tick)}</span
			>
		{/each}
	</div>
	<div class="reader"><canvas bind:this={canvas}></canvas></div>
</div>
{#if plot.legend}
	<ul class="legend">
		{#each plot.lines.filter(({ name }) => name !== null) as line (line.name)}
			<li>
				<svg viewBox="0 0 34 4" width="34" height="4" aria-hidden="true"
					><line
						x2="34"
						y1="2"
						y2="2"
						stroke="var(--{line.ink})"
						stroke-width="3"
						stroke-dasharray={line.dash?.join(' ')}
					/></svg
				>
				{line.name}
			</li>
		{/each}
	</ul>
{/if}
{#if table.rows.length > 0}
	<div class="read">
		<table>
			<caption>{label}</caption>
			<thead
				><tr
					><th>{w.charts.at}</th>
					{#each table.head as name, i (i)}<th>{name}</th>{/each}</tr
				></thead
			>
			<tbody>
				{#each table.rows as row, r (r)}
					<tr
						>{#each row as cell, c (c)}<td>{cell}</td>{/each}</tr
					>
				{/each}
			</tbody>
		</table>
	</div>
{/if}

<style>
	.plot {
		position: relative;
		container-type: inline-size;
		font-size: 14px;
	}
	.area {
		position: absolute;
		border-bottom: 2px solid var(--rim);
	}
	.area > svg {
		position: absolute;
		width: 100%;
		height: 100%;
		overflow: hidden;
	}
	.area > svg :global(*) {
		vector-effect: non-scaling-stroke;
	}
	.area > span {
		position: absolute;
		white-space: nowrap;
		line-height: 1;
	}
	.x-text {
		top: calc(100% + 8px);
		transform: translateX(-50%);
		color: var(--soft);
	}
	.y-text {
		right: calc(100% + 7px);
		transform: translateY(50%);
		color: var(--soft);
	}
	.said {
		left: 6px;
		margin-bottom: 5px;
	}
	.said.under {
		transform: translateY(calc(100% + 9px));
	}
	.post {
		width: 4px;
		margin-left: -2px;
		background: var(--leaf);
	}
	.post.pass {
		bottom: 0;
	}
	.post.over {
		top: 0;
		background: var(--ember);
	}
	.post.over::after {
		content: '';
		position: absolute;
		left: -7px;
		bottom: 0;
		width: 18px;
		height: 4px;
		border-radius: 2px;
		background: var(--ember);
	}
	.dot {
		width: var(--px);
		height: var(--px);
		margin: 0 0 calc(var(--px) / -2) calc(var(--px) / -2);
		border-radius: 50%;
	}
	.ring {
		width: 18px;
		height: 18px;
		margin: 0 0 -9px -9px;
		border: 2px solid var(--ink);
		border-radius: 50%;
	}
	.ring b {
		position: absolute;
		left: 18px;
		bottom: 10px;
		font-size: 15px;
	}
	/* a canvas nobody has drawn on yet is as large as it likes */
	.reader {
		position: absolute;
		inset: 0;
		overflow: hidden;
	}
	.legend {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 16px;
		font-size: 14px;
	}
	.legend li {
		display: inline-flex;
		align-items: center;
		gap: 6px;
	}
	/* a table is as wide as it likes: what holds it is not */
	.read {
		position: relative;
		width: 1px;
		height: 1px;
		margin: -1px;
		overflow: hidden;
		clip-path: inset(50%);
		white-space: nowrap;
	}
	@container (max-width: 520px) {
		.x-text.thinned {
			display: none;
		}
	}
	@media print {
		.reader {
			display: none;
		}
	}
</style>
