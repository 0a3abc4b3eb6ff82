<script lang="ts">
	import * as w from '$lib/present/wording';
	import Press from '$lib/ui/kit/Press.svelte';
</script>

<svelte:head><title>{w.rail.prep} · {w.rail.almacen}</title></svelte:head>

<section class="plate grid gap-3">
	<h1>{w.rail.prep}</h1>
	<p>{w.prep.noDay}</p>
	<p><Press href="/menu" first>{w.prep.planOne}</Press></p>
</section>
