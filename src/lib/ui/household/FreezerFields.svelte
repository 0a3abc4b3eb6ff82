<script lang="ts">
	import type { Habit } from '$lib/present/habit';
	import { unitHint } from '$lib/schemas/quantity-text';
	import Field from '../Field.svelte';
	import LongText from '../LongText.svelte';

	let {
		typed = $bindable(),
		errors,
		habit
	}: { typed: Record<string, string>; errors: Record<string, string>; habit: Habit } = $props();
</script>

<div class="grid gap-4 sm:grid-cols-3">
	<Field
		name="name"
		label="Name"
		bind:value={typed.name}
		error={errors.name}
		hint="chest freezer"
	/>
	<Field
		name="volumeL"
		label="Room"
		bind:value={typed.volumeL}
		error={errors.volumeL}
		hint={habit.system === 'us' ? 'qt; a cubic foot is 30 qt' : unitHint('volume', habit)}
	/>
	<Field name="setC" label="Set to" bind:value={typed.setC} error={errors.setC} />
</div>
<LongText
	name="shelves"
	label="Shelves or baskets, one a line"
	rows={3}
	bind:value={typed.shelves}
	error={errors.shelves}
/>
