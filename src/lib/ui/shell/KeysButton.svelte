<script lang="ts">
	import * as w from '$lib/present/wording';
	import { keyList } from './shortcuts.svelte';
</script>

<button type="button" class="ask" aria-haspopup="dialog" onclick={() => (keyList.open = true)}>
	{w.keysButton.keys} <b>?</b>
</button>

<style>
	.ask {
		border: 0;
		background: none;
		color: var(--soft);
		font-size: 14px;
		min-height: 32px;
		cursor: pointer;
	}
</style>
