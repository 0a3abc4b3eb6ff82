<script lang="ts">
	/** A code to be scanned off the screen: dark on white with the quiet zone of four squares, in the dark, too. */
	let { code, label }: { code: { path: string; size: number }; label: string } = $props();
	const quiet = 4;
</script>

<svg
	role="img"
	aria-label={label}
	viewBox="{-quiet} {-quiet} {code.size + 2 * quiet} {code.size + 2 * quiet}"
	shape-rendering="crispEdges"
>
	<rect x={-quiet} y={-quiet} width="100%" height="100%" fill="#fff" />
	<path d={code.path} fill="#000" />
</svg>

<style>
	svg {
		width: 220px;
		height: 220px;
	}
</style>
