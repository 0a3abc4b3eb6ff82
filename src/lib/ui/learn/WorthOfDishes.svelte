<script lang="ts">
	import type { Habit } from '$lib/present/habit';
	import type { SaidProposal } from '$lib/present/learn-words';
	import * as w from '$lib/present/wording';

	/** What follows from how dishes were the last times, where they are chosen again; nothing where nothing does. */
	let { worth, habit }: { worth: Promise<readonly SaidProposal[]>; habit: Habit } = $props();
</script>

{#await worth then proposals}
	{#if proposals.length > 0}
		<section class="mb-4 grid gap-1">
			<h2>{w.cookLog.then}</h2>
			{#await import('./WorthChanging.svelte') then { default: WorthChanging }}
				<WorthChanging {proposals} {habit} action="/learn" />
			{/await}
		</section>
	{/if}
{:catch}<p class="quiet">{w.learn.failed}</p>{/await}
