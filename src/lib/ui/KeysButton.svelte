<script lang="ts">
	import { keyList } from './shortcuts.svelte';
</script>

<button type="button" class="ask" aria-haspopup="dialog" onclick={() => (keyList.open = true)}>
	Keys <b>?</b>
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
