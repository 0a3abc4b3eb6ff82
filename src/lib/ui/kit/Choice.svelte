<script lang="ts">
	import { fieldState } from './field-state.svelte';
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

	const state = fieldState(() => name, {
		value: () => value,
		set: (next) => (value = next),
		error: () => error,
		hint: () => hint
	});

	// what was chosen before the page came alive stands: it would be set back to what the server sent
	if (browser && !alive.yes) {
		const there = document.getElementById(name);
		if (there instanceof HTMLSelectElement && there.value !== state.value)
			state.value = there.value;
	}
</script>

<div>
	<Label for={name} class="entry-label">{label}</Label>
	<Select
		id={name}
		{name}
		bind:value={state.value}
		{items}
		{placeholder}
		classes={{ select: 'entry' }}
		aria-invalid={state.error ? 'true' : undefined}
		aria-describedby={state.error ? `${name}-error` : state.hint ? `${name}-hint` : undefined}
		{...rest}
	/>
	{#if state.hint}<p class="entry-hint" id="{name}-hint">{state.hint}</p>{/if}
	{#if state.error}<p class="entry-error" id="{name}-error">{state.error}</p>{/if}
</div>
