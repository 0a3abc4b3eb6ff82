<script lang="ts">
	import * as w from '$lib/present/wording';
	import { cookPlot } from '../charts/cook-plot';
	import Plot from '../charts/Plot.svelte';

	let props: Parameters<typeof cookPlot>[0] = $props();
</script>

<Plot
	plot={cookPlot(props)}
	label={w.cookChart.label({ names: props.lines.map(({ name }) => name).join(', ') })}
	heightPx={240}
/>
