<script lang="ts">
	import * as w from '$lib/present/wording';
	import Press from '$lib/ui/kit/Press.svelte';
</script>

<svelte:head><title>{w.rail.shop} · {w.rail.almacen}</title></svelte:head>

<section class="plate grid gap-3">
	<h1>{w.rail.shop}</h1>
	<p>{w.shop.noDay}</p>
	<div class="flex flex-wrap gap-3">
		<Press href="/menu" first>{w.shop.planOne}</Press>
		<Press href="/shop/pantry">{w.shop.priceBook}</Press>
	</div>
</section>
