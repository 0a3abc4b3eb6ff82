<script lang="ts">
	import * as w from '$lib/present/wording';
	import { page } from '$app/state';

	const heading = $derived(page.status === 404 ? w.rootError.notHere : w.rootError.failed);
</script>

<svelte:head>
	<title>{w.rootError.pageTitle({ heading })}</title>
</svelte:head>

<div class="plate mt-2">
	<h1>{heading}</h1>
	<p class="mt-2">{page.error?.message}</p>
	{#if page.error?.reference}<p class="quiet">
			{w.rootError.reference({ reference: page.error.reference })}
		</p>{/if}
	<p class="mt-4"><a href="/freezer">{w.rootError.toTheFreezer}</a></p>
</div>
