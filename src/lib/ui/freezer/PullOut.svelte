<script lang="ts">
	import { enhance } from '$app/forms';
	import * as w from '$lib/present/wording';
	import Choice from '../kit/Choice.svelte';
	import Press from '../kit/Press.svelte';

	let { pack }: { pack: { version: number; packing: { state: 'raw' | 'cooked' } } } = $props();
	const say = w.freezerOne;
	let place = $state('refrigerator');
</script>

<form method="POST" action="?/pulled" use:enhance class="grid gap-2">
	<input type="hidden" name="version" value={pack.version} />
	<Choice
		name="place"
		label={say.where}
		bind:value={place}
		items={Object.entries(say.places).map(([value, name]) => ({ value, name }))}
	/>
	{#if pack.packing.state === 'raw'}<p class="entry-hint">{say.trayHint}</p>{/if}
	<Press type="submit">{say.takeOut}</Press>
</form>
