<script lang="ts">
	import { enhance } from '$app/forms';
	import Press from './Press.svelte';

	let {
		text,
		action,
		fields = {}
	}: { text: string; action: string; fields?: Record<string, string> } = $props();
</script>

<form
	method="POST"
	{action}
	use:enhance
	class="tape no-print flex items-center gap-4 p-2"
	role="status"
>
	{#each Object.entries(fields) as [name, value] (name)}
		<input type="hidden" {name} {value} />
	{/each}
	<span class="flex-1 font-semibold">{text}</span>
	<Press type="submit">Undo</Press>
</form>
