<script lang="ts">
	import '../app.css';
	import { onMount } from 'svelte';
	import { alive } from '$lib/ui/shell/alive';
	import type { LayoutProps } from './$types';

	let { children }: LayoutProps = $props();
	onMount(() => {
		alive.yes = true;
		document.documentElement.dataset.alive = 'yes';
	});
</script>

{@render children()}
