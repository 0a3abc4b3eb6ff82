<script lang="ts">
	import SearchIcon from '@lucide/svelte/icons/search';
	import * as w from '$lib/present/wording';
	import { findPanel } from './shortcuts.svelte';
</script>

<button
	type="button"
	class="ask"
	aria-haspopup="dialog"
	title={w.find.keys}
	onclick={() => (findPanel.open = true)}
>
	<SearchIcon size={17} aria-hidden="true" />{w.find.button}
</button>

<style>
	.ask {
		display: inline-flex;
		align-items: center;
		gap: 5px;
		min-height: 34px;
		border: 0;
		background: none;
		color: var(--soft);
		font-size: 14px;
		cursor: pointer;
	}
</style>
