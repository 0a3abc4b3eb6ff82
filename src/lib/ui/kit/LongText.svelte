<script lang="ts">
	import { fieldState } from './field-state.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Textarea from 'flowbite-svelte/Textarea.svelte';

	let {
		name,
		label,
		value = $bindable(),
		rows = 5,
		hint,
		error,
		...rest
	}: {
		name: string;
		label: string;
		value?: string;
		rows?: number;
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
</script>

<div>
	<Label for={name} class="entry-label">{label}</Label>
	<Textarea
		id={name}
		{name}
		{rows}
		bind:value={state.value}
		class="entry"
		classes={{ div: 'w-full' }}
		aria-invalid={state.error ? 'true' : undefined}
		aria-describedby={state.error ? `${name}-error` : state.hint ? `${name}-hint` : undefined}
		{...rest}
	/>
	{#if state.hint}<p class="entry-hint" id="{name}-hint">{state.hint}</p>{/if}
	{#if state.error}<p class="entry-error" id="{name}-error">{state.error}</p>{/if}
</div>
