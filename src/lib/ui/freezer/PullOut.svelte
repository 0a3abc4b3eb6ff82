<script lang="ts">
	import { enhance } from '$app/forms';
	import * as w from '$lib/present/wording';
	import { offeredThawPlaces } from '$lib/core/rules';
	import Field from '../kit/Field.svelte';
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
		items={offeredThawPlaces.map((value) => ({ value, name: say.places[value] }))}
	/>
	{#if pack.packing.state === 'raw'}<p class="entry-hint">{say.trayHint}</p>{/if}
	<Press type="submit">{say.takeOut}</Press>
</form>
<details class="mt-3">
	<summary class="min-h-12 cursor-pointer">{say.leftOut}</summary>
	<form method="POST" action="?/pulled" use:enhance class="grid gap-2">
		<p class="entry-hint">{say.leftOutRule}</p>
		<input type="hidden" name="version" value={pack.version} />
		<input type="hidden" name="place" value="counter" />
		<Field name="agoMin" label={say.leftOutFor} placeholder="0" inputmode="numeric" />
		<Press type="submit">{say.leftOutNote}</Press>
	</form>
</details>
