<script lang="ts" generics="Input">
	import type { Attachment } from 'svelte/attachments';

	interface Drawing {
		update(): void;
		destroy(): void;
	}

	let {
		input,
		draw,
		label,
		heightPx = 210
	}: {
		input: Input;
		draw: (canvas: HTMLCanvasElement, read: () => Input) => Promise<Drawing>;
		label: string;
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
