<script lang="ts">
	import type { Snippet } from 'svelte';

	let {
		title,
		facts = '',
		children
	}: {
		title: string;
		/** quiet words beside the heading */
		facts?: string;
		/** what can be done here, the next step last */
		children?: Snippet;
	} = $props();
</script>

<header class="head">
	<h1>{title}</h1>
	{#if facts}<p class="quiet">{facts}</p>{/if}
	{#if children}<div class="acts no-print">{@render children()}</div>{/if}
</header>

<style>
	.head {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 14px;
		min-height: 44px;
		margin-bottom: 12px;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px;
		margin-left: auto;
	}
	@media (max-width: 767px) {
		.acts {
			margin-left: 0;
		}
	}
</style>
