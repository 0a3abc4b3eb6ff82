<script lang="ts">
	import type { Snippet } from 'svelte';

	let {
		title,
		facts = '',
		picture,
		beside,
		under,
		middle,
		children
	}: {
		title: string;
		/** quiet words beside the heading */
		facts?: string;
		/** of what the screen is about, before the heading */
		picture?: Snippet;
		/** right behind the heading */
		beside?: Snippet;
		/** quiet words below the heading */
		under?: Snippet;
		/** between the heading and what can be done */
		middle?: Snippet;
		/** what can be done here, the next step last */
		children?: Snippet;
	} = $props();
</script>

<header class="head">
	{@render picture?.()}
	<div>
		<div class="what">
			<h1>{title}</h1>
			{@render beside?.()}
			{#if facts}<p class="quiet">{facts}</p>{/if}
		</div>
		{#if under}<p class="quiet">{@render under()}</p>{/if}
	</div>
	{@render middle?.()}
	{#if children}<div class="acts no-print">{@render children()}</div>{/if}
</header>

<style>
	.head {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 16px;
		min-height: 44px;
		margin-bottom: 12px;
	}
	.what {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 0 12px;
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
