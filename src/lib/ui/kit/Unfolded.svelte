<script lang="ts" generics="Part">
	import * as w from '$lib/present/wording';
	import type { Snippet } from 'svelte';

	/** What is rarely asked: its code comes when it is opened. */
	let {
		title,
		body,
		open = $bindable(false),
		children
	}: {
		title: string;
		body: () => Promise<{ default: Part }>;
		open?: boolean;
		children: Snippet<[Part]>;
	} = $props();
</script>

<details bind:open>
	<summary>{title}</summary>
	{#if open}
		{#await body()}
			<p class="quiet" role="status">{w.part.opening}</p>
		{:then { default: part }}
			{@render children(part)}
		{/await}
	{/if}
</details>

<style>
	summary {
		min-height: 44px;
		padding: 10px 0;
		font-weight: 700;
		cursor: pointer;
	}
</style>
