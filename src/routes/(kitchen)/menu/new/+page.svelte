<script lang="ts">
	import * as w from '$lib/present/wording';
	import DishForm from '$lib/ui/menu/DishForm.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
</script>

<svelte:head><title>{w.menuNew.pageTitle}</title></svelte:head>

<h1 class="mb-4">{w.menuNew.heading}</h1>
<DishForm
	values={form?.typed ?? {}}
	serverErrors={form?.errors}
	habit={data.habit}
	submit={w.menuNew.save}
/>
