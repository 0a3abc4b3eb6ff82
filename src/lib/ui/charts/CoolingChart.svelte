<script lang="ts">
	import type { Attachment } from 'svelte/attachments';
	import type { CoolingChartInput } from './cooling-chart';
	import { coolingChart } from './cooling-chart';

	let {
		input,
		label,
		heightPx = 210
	}: { input: CoolingChartInput; label: string; heightPx?: number } = $props();

	const drawn: Attachment<HTMLCanvasElement> = (canvas) => {
		let chart: Awaited<ReturnType<typeof coolingChart>> | undefined;
		let gone = false;
		void coolingChart(canvas, () => input).then((made) => {
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
