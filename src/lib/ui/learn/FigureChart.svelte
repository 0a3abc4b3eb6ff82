<script lang="ts">
	import { goto } from '$app/navigation';
	import * as w from '$lib/present/wording';
	import type { Figure } from './figure-chart';

	/** A chart with its words, its table for a spreadsheet, and its parts as links for those who do not see or point. */
	let {
		title,
		says,
		figure,
		csv,
		heightPx = 180
	}: {
		title: string;
		says: string;
		figure: Figure;
		/** address of the same as a table */
		csv: string;
		heightPx?: number;
	} = $props();

	let canvas = $state<HTMLCanvasElement>();
	let failed = $state(false);
	$effect(() => {
		const [on, of] = [canvas, figure];
		if (!on) return;
		let drawn: { destroy(): void } | null = null;
		let left = false;
		import('./figure-chart').then(
			({ drawFigure }) => {
				if (!left) drawn = drawFigure(on, of, (link) => void goto(link));
			},
			() => (failed = true)
		);
		return () => {
			left = true;
			drawn?.destroy();
		};
	});
	const parts = $derived(
		figure.kind === 'bars'
			? figure.series.flatMap(({ name, values, links }) =>
					values.flatMap((value, i) =>
						value === 0 || !links[i]
							? []
							: [
									{
										text: `${figure.labels[i]}, ${name}: ${figure.shown(Math.abs(value))}`,
										link: links[i]
									}
								]
					)
				)
			: figure.series.flatMap(({ name, points }) =>
					points.map(({ text, link }) => ({ text: `${name}: ${text}`, link }))
				)
	);
</script>

<section class="plate grid content-start gap-2">
	<div class="flex flex-wrap items-baseline justify-between gap-x-4">
		<h2>{title}</h2>
		<a class="quiet csv" href={csv} download>{w.learn.csv}</a>
	</div>
	{#if failed}
		<p class="quiet" role="status">{w.learn.failed}</p>
	{:else}
		<div class="picture" style="height: {heightPx}px">
			<canvas bind:this={canvas} role="img" aria-label="{title}: {says}"></canvas>
		</div>
	{/if}
	<p class="quiet">{says}</p>
	{#if parts.length > 0}
		<details>
			<summary class="quiet">{w.learn.packsOf}</summary>
			<ul>
				{#each parts as { text, link }, i (i)}<li><a href={link}>{text}</a></li>{/each}
			</ul>
		</details>
	{/if}
</section>

<style>
	.picture {
		position: relative;
		min-width: 0;
	}
	summary,
	.csv {
		display: list-item;
		list-style: none;
		min-height: 44px;
		padding: 10px 0;
		cursor: pointer;
	}
	summary {
		list-style: disclosure-closed inside;
	}
	details[open] summary {
		list-style-type: disclosure-open;
	}
	li a {
		display: inline-block;
		padding: 8px 0;
	}
</style>
