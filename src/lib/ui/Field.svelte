<script lang="ts">
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';

	let {
		name,
		label,
		value = $bindable(),
		hint,
		error,
		...rest
	}: {
		name: string;
		label: string;
		value?: string;
		hint?: string;
		error?: string;
		[attribute: string]: unknown;
	} = $props();
	const described = $derived(
		[hint && `${name}-hint`, error && `${name}-error`].filter(Boolean).join(' ') || undefined
	);
</script>

<div>
	<Label for={name} class="entry-label">{label}</Label>
	<Input
		id={name}
		{name}
		type="text"
		bind:value
		class="entry"
		autocomplete="off"
		aria-invalid={error ? 'true' : undefined}
		aria-describedby={described}
		{...rest}
	/>
	{#if hint}<p class="entry-hint" id="{name}-hint">{hint}</p>{/if}
	{#if error}<p class="entry-error" id="{name}-error">{error}</p>{/if}
</div>
