<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import type { Snippet } from 'svelte';

	let {
		children,
		first = false,
		look = 'rimmed',
		...rest
	}: {
		children: Snippet;
		/** the next step of the work, one a screen: filled */
		first?: boolean;
		/** quiet: tinted ground, no rim, for what is not the next step; bare: a word */
		look?: 'rimmed' | 'quiet' | 'bare';
		[attribute: string]: unknown;
	} = $props();
</script>

<Button {...rest} class="press {first ? 'first' : look}">{@render children()}</Button>
