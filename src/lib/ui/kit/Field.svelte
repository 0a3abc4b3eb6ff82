<script lang="ts">
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
	const described = $derived(
		[hint && `${id}-hint`, error && `${id}-error`].filter(Boolean).join(' ') || undefined
	);
</script>

<div>
	<Label for={id} class="entry-label">{label}</Label>
	<Input
		{id}
		{name}
		type="text"
		bind:value
		class="entry"
		autocomplete="off"
		aria-invalid={error ? 'true' : undefined}
		aria-describedby={described}
		{...rest}
	/>
	{#if hint}<p class="entry-hint" id="{id}-hint">{hint}</p>{/if}
	{#if error}<p class="entry-error" id="{id}-error">{error}</p>{/if}
</div>
