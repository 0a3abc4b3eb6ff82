<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import UndoIcon from '@lucide/svelte/icons/undo-2';
	import { undoWords } from '$lib/present/wording/codes/undo-words';
	import Press from '../kit/Press.svelte';

	interface Line {
		id: number;
		what: string;
		kind: keyof typeof undoWords;
		atMs: number;
	}
	let {
		undos,
		nowMs,
		lapse
	}: {
		/** newest first */
		undos: readonly Line[];
		/** when they were read */
		nowMs: number;
		/** how much faster than the wall's the clock runs */
		lapse: number;
	} = $props();
	const from = $derived(page.url.pathname + page.url.search);
	/** the newest is shown so long; the list of all stays one tap away */
	const shownMs = 60_000;
	let open = $state(false);
	let over = $state<number | null>(null);
	const newest = $derived(undos[0]);
	const fresh = $derived(
		newest && newest.id !== over && nowMs - newest.atMs < shownMs * lapse ? newest : null
	);
	const lines = $derived(open ? undos : fresh ? [fresh] : []);
	$effect(() => {
		if (undos.length === 0) open = false;
	});
	$effect(() => {
		if (!fresh) return;
		const { id } = fresh;
		const timer = setTimeout(() => (over = id), shownMs);
		return () => clearTimeout(timer);
	});
</script>

{#if undos.length > 0}
	<button
		type="button"
		class="all"
		aria-expanded={open}
		aria-label={w.undoLines.all({ n: undos.length })}
		data-undo={lines.length === 0 ? '' : undefined}
		onclick={() => (open = !open)}
	>
		<UndoIcon size={16} aria-hidden="true" />{undos.length}
	</button>
{/if}
<div class="lines" role="status" aria-label={w.undoLines.title}>
	{#each lines as undo (undo.id)}
		<div class="tape line">
			<span class="flex-1 font-semibold">{undoWords[undo.kind](undo.what)}</span>
			<form method="POST" action="/undo?/takeBack" use:enhance>
				<input type="hidden" name="id" value={undo.id} />
				<input type="hidden" name="from" value={from} />
				<Press type="submit" look="quiet" data-undo>{w.undoLines.undo}</Press>
			</form>
			<form method="POST" action="/undo?/dismiss" use:enhance>
				<input type="hidden" name="id" value={undo.id} />
				<input type="hidden" name="from" value={from} />
				<Press
					type="submit"
					look="bare"
					aria-label={w.undoLines.dismiss({ what: undoWords[undo.kind](undo.what) })}>×</Press
				>
			</form>
		</div>
	{/each}
</div>

<style>
	.all {
		display: flex;
		align-items: center;
		gap: 5px;
		min-height: 34px;
		margin-left: auto;
		padding: 0 8px;
		border: 0;
		background: none;
		color: var(--soft);
		font-size: 14px;
		font-weight: 700;
		cursor: pointer;
	}
	/* over the page, so that nothing jumps when it comes or goes */
	.lines {
		position: fixed;
		z-index: 25;
		left: max(24px, calc(50vw - 616px));
		bottom: var(--from-below, 16px);
		width: min(560px, calc(100vw - 32px));
		max-height: 60vh;
		overflow-y: auto;
		display: grid;
		gap: 4px;
	}
	.line {
		display: flex;
		align-items: center;
		gap: 8px;
		padding: 4px 4px 4px 14px;
		border: 1.5px solid var(--soft);
		border-radius: 8px;
	}
	@media (max-width: 767px) {
		.all {
			min-height: 44px;
		}
		.lines {
			left: 16px;
			bottom: var(--from-below, 74px);
		}
	}
</style>
