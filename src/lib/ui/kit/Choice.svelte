<script lang="ts">
	import { browser } from '$app/environment';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { alive } from '../shell/alive';

	let {
		name,
		label,
		value = $bindable(),
		items,
		hint,
		error,
		placeholder = 'choose',
		...rest
	}: {
		name: string;
		label: string;
		value?: string;
		items: { value: string; name: string }[];
		hint?: string;
		error?: string;
		placeholder?: string;
		[attribute: string]: unknown;
	} = $props();

	// what was chosen before the page came alive stands: it would be set back to what the server sent
	if (browser && !alive.yes) {
		const there = document.getElementById(name);
		if (there instanceof HTMLSelectElement && there.value !== (value ?? '')) value = there.value;
	}
</script>

<div>
	<Label for={name} class="entry-label">{label}</Label>
	<Select
		id={name}
		{name}
		bind:value
		{items}
		{placeholder}
		classes={{ select: 'entry' }}
		aria-invalid={error ? 'true' : undefined}
		aria-describedby={error ? `${name}-error` : hint ? `${name}-hint` : undefined}
		{...rest}
	/>
	{#if hint}<p class="entry-hint" id="{name}-hint">{hint}</p>{/if}
	{#if error}<p class="entry-error" id="{name}-error">{error}</p>{/if}
</div>
