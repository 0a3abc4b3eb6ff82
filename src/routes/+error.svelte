<script lang="ts">
	import { w } from '$lib/present/wording';
	import { page } from '$app/state';
</script>

<svelte:head>
	<title>{w.rootError.almacen(page.status === 404 ? 'Not here' : 'That did not work')}</title>
</svelte:head>

<div class="plate mt-2">
	<h1>{page.status === 404 ? w.rootError.notHere : w.rootError.thatDidNotWork}</h1>
	<p class="mt-2">{page.error?.message}</p>
	{#if page.error?.reference}<p class="quiet">
			{w.rootError.referenceInTheServers(page.error.reference)}
		</p>{/if}
	<p class="mt-4"><a href="/freezer">{w.rootError.toTheFreezer}</a></p>
</div>
