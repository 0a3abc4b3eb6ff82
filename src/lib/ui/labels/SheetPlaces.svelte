<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { LabelPaper } from '$lib/core/published';

	let {
		paper,
		count,
		start = $bindable()
	}: { paper: LabelPaper; count: number; start: number } = $props();
	const places = $derived(paper.columns * paper.rows);
</script>

<fieldset>
	<legend class="entry-label">{w.labelsPage.start}</legend>
	<div class="sheet" style="--columns: {paper.columns}">
		{#each { length: places } as _, i (i)}
			<label class:used={i + 1 < start} class:ours={i + 1 >= start && i + 1 < start + count}>
				<input type="radio" name="start" value={i + 1} bind:group={start} />
				<span>{i + 1}</span>
			</label>
		{/each}
	</div>
</fieldset>

<style>
	.sheet {
		display: grid;
		grid-template-columns: repeat(var(--columns), 76px);
		gap: 4px;
	}
	.sheet label {
		position: relative;
		display: grid;
		place-items: center;
		height: 48px;
		border: 1.5px solid var(--soft);
		border-radius: 4px;
		background: var(--enamel);
		cursor: pointer;
		font-weight: 600;
	}
	.sheet label.used {
		background: repeating-linear-gradient(
			45deg,
			var(--frost),
			var(--frost) 5px,
			var(--hair) 5px,
			var(--hair) 6px
		);
		color: var(--soft);
	}
	.sheet label.ours {
		background: var(--tape);
		border-color: var(--rim);
	}
	.sheet input {
		position: absolute;
		inset: 0;
		opacity: 0;
		cursor: pointer;
	}
	.sheet label:has(input:focus-visible) {
		outline: 3px solid var(--cold);
		outline-offset: 1px;
	}
</style>
