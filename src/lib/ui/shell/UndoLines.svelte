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

<div class="lines" class:list={open} role="status" aria-label={w.undoLines.title}>
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

<style>
	.all {
		display: flex;
		align-items: center;
		gap: 5px;
		min-height: 34px;
		flex: none;
		padding: 0 8px;
		border: 0;
		background: none;
		color: var(--soft);
		font-size: 14px;
		font-weight: 700;
		cursor: pointer;
	}
	/* the newest stands in the line of clocks, where it covers nothing */
	.lines {
		display: grid;
		min-width: 0;
	}
	.lines:empty {
		display: none;
	}
	/* the list of all is asked for: it lies over the page */
	.lines.list {
		position: absolute;
		z-index: 25;
		top: 100%;
		right: 24px;
		width: min(560px, calc(100vw - 32px));
		max-height: 60vh;
		overflow-y: auto;
		gap: 4px;
	}
	.line {
		display: flex;
		align-items: center;
		gap: 4px;
		padding: 0 0 0 12px;
		font-size: 14px;
	}
	.line :global(.press) {
		min-height: 34px;
		padding: 2px 10px;
		font-size: 14px;
	}
	.list .line {
		border: 1.5px solid var(--soft);
		border-radius: 8px;
		padding: 4px 4px 4px 12px;
	}
	@media (max-width: 767px) {
		.all {
			min-height: 44px;
		}
		.lines {
			flex: 1 1 100%;
		}
		.lines.list {
			right: 8px;
		}
		.line :global(.press) {
			min-height: 44px;
		}
	}
</style>
