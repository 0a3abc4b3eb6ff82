<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { undoWords } from '$lib/present/wording/codes/undo-words';
	import Press from '../kit/Press.svelte';

	let { undos }: { undos: { id: number; what: string; kind: keyof typeof undoWords }[] } = $props();
	const from = $derived(page.url.pathname + page.url.search);
</script>

<div class="lines no-print" role="status" aria-label={w.undoLines.title}>
	{#each undos as undo (undo.id)}
		<div class="tape line">
			<span class="flex-1 font-semibold">{undoWords[undo.kind](undo.what)}</span>
			<form method="POST" action="/undo?/takeBack" use:enhance>
				<input type="hidden" name="id" value={undo.id} />
				<input type="hidden" name="from" value={from} />
				<Press type="submit" data-undo>{w.undoLines.undo}</Press>
			</form>
			<form method="POST" action="/undo?/dismiss" use:enhance>
				<input type="hidden" name="id" value={undo.id} />
				<input type="hidden" name="from" value={from} />
				<Press
					type="submit"
					aria-label={w.undoLines.dismiss({ what: undoWords[undo.kind](undo.what) })}>×</Press
				>
			</form>
		</div>
	{/each}
</div>

<style>
	.lines {
		max-width: 1296px;
		margin: 0 auto;
		padding: 0 28px;
		display: grid;
		gap: 6px;
	}
	.line {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 12px;
		padding: 6px 6px 6px 14px;
	}
	.lines:not(:empty) {
		margin-bottom: 12px;
	}
	@media (max-width: 767px) {
		.lines {
			padding: 0 16px;
		}
	}
</style>
