<script lang="ts">
	/** One figure that decides, with its words; it opens what it is made of. */
	let {
		value,
		what,
		notes,
		href
	}: { value: string; what: string; notes: readonly string[]; href: string } = $props();
</script>

<a {href}>
	<span><b>{value}</b> {what}</span>
	{#each notes as note, i (i)}<small>{note}</small>{/each}
</a>

<style>
	a {
		display: grid;
		align-content: start;
		gap: 2px;
		min-height: 44px;
		text-decoration: none;
	}
	a:hover span {
		text-decoration: underline;
	}
	span {
		font-weight: 700;
	}
	b {
		font-size: 30px;
		line-height: 1.15;
	}
	small {
		font-size: 14px;
		color: var(--soft);
	}
</style>
