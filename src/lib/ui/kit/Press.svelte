<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import type { Snippet } from 'svelte';

	let {
		children,
		first = false,
		...rest
	}: {
		children: Snippet;
		/** the next likely action: filled */
		first?: boolean;
		[attribute: string]: unknown;
	} = $props();
</script>

<Button {...rest} class={first ? 'press first' : 'press'}>{@render children()}</Button>
