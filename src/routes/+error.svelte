<script lang="ts">
	import { page } from '$app/state';
</script>

<svelte:head>
	<title>{page.status === 404 ? 'Not here' : 'That did not work'} · Almacen</title>
</svelte:head>

<div class="plate mt-2">
	<h1>{page.status === 404 ? 'Not here' : 'That did not work'}</h1>
	<p class="mt-2">{page.error?.message}</p>
	{#if page.error?.reference}<p class="quiet">
			Reference {page.error.reference}, in the server’s log.
		</p>{/if}
	<p class="mt-4"><a href="/freezer">To the freezer</a></p>
</div>
