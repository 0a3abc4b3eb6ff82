<script lang="ts">
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
</script>

<div>
	<Label for={name} class="entry-label">{label}</Label>
	<Textarea
		id={name}
		{name}
		{rows}
		bind:value
		class="entry"
		classes={{ div: 'w-full' }}
		aria-invalid={error ? 'true' : undefined}
		aria-describedby={error ? `${name}-error` : hint ? `${name}-hint` : undefined}
		{...rest}
	/>
	{#if hint}<p class="entry-hint" id="{name}-hint">{hint}</p>{/if}
	{#if error}<p class="entry-error" id="{name}-error">{error}</p>{/if}
</div>
