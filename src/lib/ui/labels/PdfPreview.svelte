<script lang="ts">
	import * as w from '$lib/present/wording';
	import { pdfPages } from './pdf-pages';

	let { path, label }: { path: string; label: string } = $props();
	const mostPages = 4;
	/** 110 dots to the inch: sharp on a screen, quick to draw */
	const dpi = 110;
	let pages = $state.raw<string[]>([]);
	let total = $state(0);
	let failed = $state(false);
	let busy = $state(true);

	$effect(() => {
		let wanted = true;
		const asked = path;
		busy = true;
		failed = false;
		pdfPages(asked, { dpi, mostPages })
			.then((drawn) => {
				if (!wanted) return;
				pages = drawn.pages.map((page) => page.toDataURL());
				total = drawn.total;
				busy = false;
			})
			.catch((error: unknown) => {
				if (!wanted) return;
				console.error(error);
				failed = true;
				busy = false;
			});
		return () => {
			wanted = false;
		};
	});
</script>

<div class="grid gap-3" aria-busy={busy}>
	{#if failed}<p class="entry-error" role="alert">{w.labelsPage.previewFailed}</p>
	{:else if busy && pages.length === 0}<p class="quiet" role="status">{w.labelsPage.previewing}</p>
	{/if}
	{#each pages as page, i (i)}
		<figure>
			<img
				src={page}
				alt="{label}, {w.labelsPage.page({ n: i + 1, of: total })}"
				class:pale={busy}
			/>
			<figcaption class="quiet">{w.labelsPage.page({ n: i + 1, of: total })}</figcaption>
		</figure>
	{/each}
</div>

<style>
	img {
		width: 100%;
		max-width: 640px;
		background: white;
		border: 1.5px solid var(--soft);
	}
	.pale {
		opacity: 0.5;
	}
</style>
