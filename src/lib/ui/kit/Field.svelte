<script lang="ts">
	import { fieldState } from './field-state.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';

	let {
		name,
		id = name,
		label,
		value = $bindable(),
		hint,
		error,
		...rest
	}: {
		name: string;
		/** when two fields of a page share a name */
		id?: string;
		label: string;
		value?: string;
		hint?: string;
		error?: string;
		[attribute: string]: unknown;
	} = $props();

	const state = fieldState(() => name, {
		value: () => value,
		set: (next) => (value = next),
		error: () => error,
		hint: () => hint
	});

	const described = $derived(
		[state.hint && `${id}-hint`, state.error && `${id}-error`].filter(Boolean).join(' ') ||
			undefined
	);
</script>

<div>
	<Label for={id} class="entry-label">{label}</Label>
	<Input
		{id}
		{name}
		type="text"
		bind:value={state.value}
		class="entry"
		autocomplete="off"
		aria-invalid={state.error ? 'true' : undefined}
		aria-describedby={described}
		{...rest}
	/>
	{#if state.hint}<p class="entry-hint" id="{id}-hint">{state.hint}</p>{/if}
	{#if state.error}<p class="entry-error" id="{id}-error">{state.error}</p>{/if}
</div>
