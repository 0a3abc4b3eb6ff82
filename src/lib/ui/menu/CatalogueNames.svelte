<script lang="ts">
	import { onMount } from 'svelte';

	/** The catalogue's names for fields that suggest them; they come when the page is there. */
	let names = $state<string[]>([]);
	onMount(async () => {
		const { itemNames } = await import('$lib/core/foods/item-catalogue');
		names = itemNames().sort();
	});
</script>

<datalist id="catalogue">
	{#each names as name (name)}<option value={name}></option>{/each}
</datalist>
