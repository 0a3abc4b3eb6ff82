<script lang="ts" generics="Input">
	import type { ChartTable } from '../charts/chart-rows';
	import type { Attachment } from 'svelte/attachments';

	interface Drawing {
		update(): void;
		destroy(): void;
	}

	let {
		input,
		draw,
		label,
		table,
		heightPx = 210
	}: {
		input: Input;
		draw: (canvas: HTMLCanvasElement, read: () => Input) => Promise<Drawing>;
		label: string;
		/** the same for those who cannot see it */
		table?: ChartTable;
		heightPx?: number;
	} = $props();

	/** Makes the chart once, updates it whenever its input changes, takes it away with the canvas. */
	const drawn: Attachment<HTMLCanvasElement> = (canvas) => {
		let chart: Drawing | undefined;
		let gone = false;
		void draw(canvas, () => input).then((made) => {
			if (gone) made.destroy();
			else chart = made;
		});
		$effect(() => {
			void input;
			chart?.update();
		});
		return () => {
			gone = true;
			chart?.destroy();
		};
	};
</script>

<div style="position: relative; height: {heightPx}px" role="img" aria-label={label}>
	<canvas {@attach drawn}></canvas>
</div>
{#if table && table.rows.length > 0}
	<div class="read">
		<table>
			<caption>{label}</caption>
			<thead
				><tr
					>{#each table.head as name, i (i)}<th>{name}</th>{/each}</tr
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
</style>
