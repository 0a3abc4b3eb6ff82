<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { StaleFields } from '$lib/present/seen';

	/** Sends along what its form showed when it was opened, and says what another device changed since. */
	let { seen, stale }: { seen: string; stale?: StaleFields | undefined } = $props();
	let input: HTMLInputElement;

	/** A field by the name it goes by on the screen. */
	function labelOf(name: string): string {
		const field = input?.form?.elements.namedItem(name);
		const label =
			field instanceof HTMLElement && 'labels' in field && (field.labels as NodeList)[0];
		return (label && label.textContent?.trim()) || name;
	}
</script>

<input bind:this={input} type="hidden" name="seen" value={stale?.seen ?? seen} />
{#if stale}
	<div class="entry-error" role="alert">
		<p>{w.seen.changedElsewhere}</p>
		<ul class="list-disc pl-5">
			{#each stale.changed as { name, was, is } (name)}
				<li>{w.seen.field({ label: labelOf(name), was, is })}</li>
			{/each}
		</ul>
		<p>{w.seen.sendAgain}</p>
	</div>
{/if}
