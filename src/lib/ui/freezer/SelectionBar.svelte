<script lang="ts">
	import * as w from '$lib/present/wording';
	import Choice from '../kit/Choice.svelte';
	import Field from '../kit/Field.svelte';
	import Press from '../kit/Press.svelte';

	let {
		codes,
		names,
		shelves,
		clear
	}: {
		codes: readonly string[];
		/** of the dishes that are ticked */
		names: readonly string[];
		shelves: { value: string; name: string }[];
		clear: () => void;
	} = $props();
	const say = w.freezer;
	/** deeds that ask for one thing more */
	let asks = $state<'moved' | 'discarded' | null>(null);
	let shelfId = $state('');
	let reason = $state('');
</script>

<svelte:window
	onkeydown={(event) => {
		if (event.key === 'Escape' && !document.querySelector('dialog[open]')) clear();
	}}
/>

<div class="bar" role="region" aria-label={say.several}>
	<p class="what">
		<b>{say.chosen({ n: codes.length })}</b> <span>{names.join(', ')}</span>
	</p>
	<div class="deeds">
		{#if asks}
			<input type="hidden" name="deed" value={asks} />
			{#if asks === 'moved'}
				<Choice name="shelfId" label={say.shelf} bind:value={shelfId} items={shelves} />
			{:else}
				<Field name="reason" label={w.packOtherwise.reason} bind:value={reason} />
			{/if}
			<Press type="submit" first>{say.doIt}</Press>
			<Press onclick={() => (asks = null)}>{say.back}</Press>
		{:else}
			<Press type="submit" name="deed" value="cooked">{say.short.cooked}</Press>
			<Press type="submit" name="deed" value="pulled">{say.short.pulled}</Press>
			<Press onclick={() => (asks = 'moved')}>{say.short.moved}</Press>
			<Press type="submit" name="deed" value="given">{say.short.given}</Press>
			<Press onclick={() => (asks = 'discarded')}>{say.short.discarded}</Press>
			<Press href="/labels?codes={codes.join(',')}">{say.short.labels}</Press>
			<Press href="/freezer/trip?codes={codes.join(',')}">{say.short.coolBox}</Press>
			<button type="button" class="esc" onclick={clear}>{say.clearChosen} <kbd>Esc</kbd></button>
		{/if}
	</div>
</div>

<style>
	.bar {
		position: fixed;
		z-index: 28;
		inset: auto 0 0 0;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: 8px 20px;
		padding: 10px max(24px, calc(50vw - 616px));
		background: light-dark(#1c3a57, #0c141c);
		border-top: 2px solid var(--rim);
		color: #fff;
	}
	.what {
		flex: 1 1 200px;
	}
	.deeds {
		display: flex;
		flex-wrap: wrap;
		align-items: flex-end;
		gap: 8px;
	}
	.deeds :global(label) {
		color: #fff;
	}
	.deeds :global(.press:not(.first)) {
		border-color: transparent;
	}
	.deeds :global(.press.first) {
		border-color: #fff;
	}
	.esc {
		min-height: 44px;
		padding: 0 8px;
		border: 0;
		background: none;
		color: #fff;
		font-size: 15px;
		cursor: pointer;
	}
	@media (max-width: 767px) {
		.bar {
			bottom: 68px;
			padding: 8px 12px;
		}
		.deeds :global(.press) {
			padding: 6px 10px;
		}
		kbd {
			display: none;
		}
	}
</style>
