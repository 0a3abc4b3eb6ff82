<script lang="ts">
	import { w } from '$lib/present/wording';
	import DishForm from '$lib/ui/menu/DishForm.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
</script>

<svelte:head><title>{w.menuNew.writeADishAlmacen}</title></svelte:head>

<h1 class="mb-4">{w.menuNew.writeADish}</h1>
<DishForm
	values={form?.typed ?? {}}
	serverErrors={form?.errors}
	habit={data.habit}
	submit={w.menuNew.saveTheDish}
/>
