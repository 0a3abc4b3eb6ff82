<script lang="ts">
	import * as w from '$lib/present/wording';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
</script>

<svelte:head><title>{w.pairing.pageTitle}</title></svelte:head>

<main>
	{#if data.name === null || form?.over}
		<h1>{w.pairing.overTitle}</h1>
		<p>{w.pairing.over}</p>
		<Press href="/sign-in">{w.pairing.byPassphrase}</Press>
	{:else}
		<h1>{w.pairing.title({ name: data.name })}</h1>
		<p>{w.pairing.why}</p>
		<form method="POST"><Press type="submit" first>{w.pairing.letIn}</Press></form>
	{/if}
</main>

<style>
	main {
		display: grid;
		gap: 12px;
		justify-items: start;
		max-width: 420px;
		margin: 12vh auto 0;
		padding: 0 16px;
	}
</style>
