<script lang="ts">
	import DishForm from '$lib/ui/DishForm.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
</script>

<svelte:head><title>Write a dish · Almacen</title></svelte:head>

<h1 class="mb-4">Write a dish</h1>
<DishForm
	values={form?.typed ?? {}}
	serverErrors={form?.errors}
	habit={data.habit}
	submit="Save the dish"
/>
