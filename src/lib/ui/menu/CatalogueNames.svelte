<script lang="ts">
	/** The catalogue's names for fields that suggest them; they come when one of these fields is entered. */
	let names = $state<string[]>([]);
	async function suggest({ target }: FocusEvent) {
		if (names.length > 0 || !(target as Element).matches?.('[list="catalogue"]')) return;
		const { itemNames } = await import('$lib/core/foods/item-catalogue');
		names = itemNames().sort();
	}
</script>

<svelte:document onfocusin={suggest} />
<datalist id="catalogue">
	{#each names as name (name)}<option value={name}></option>{/each}
</datalist>
