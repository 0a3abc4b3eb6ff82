<script lang="ts">
	import { enhance } from '$app/forms';
	import { type LineCorrection, lineKeys } from '$lib/core/foods';
	import type { ParsedLine } from '$lib/formats/ingredient-line';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import Field from '../kit/Field.svelte';
	import Press from '../kit/Press.svelte';
	import LineDoubts from './LineDoubts.svelte';

	let {
		dishId,
		dish,
		lines,
		asks = [],
		habit
	}: {
		dishId: number;
		/** its name, where several dishes stand on one page */
		dish?: string;
		lines: readonly ParsedLine[];
		/** what its recipe does not say */
		asks?: readonly ('state' | 'servings')[];
		habit: Habit;
	} = $props();

	let corrections = $state<Record<string, LineCorrection>>({});
	let told = $state('');
	let servings = $state('');
	let message = $state('');
	let kept = $state<string[]>([]);
	const keys = $derived(lineKeys(lines));
	// what was kept is no longer asked, also where the page does not read its dish again
	const open = $derived(lines.filter((_, i) => !kept.includes(keys[i])));
	const answered = $derived(
		Object.keys(corrections).length > 0 || told !== '' || servings.trim() !== ''
	);
	const of = (what: string) => (dish ? w.recipeImport.ofDish({ what, dish }) : what);
</script>

<form
	method="POST"
	action="/menu/{dishId}?/settle"
	class="grid gap-2"
	use:enhance={() =>
		async ({ result, update }) => {
			if (result.type === 'success') {
				kept = [...kept, ...Object.keys(corrections)];
				corrections = {};
				message = w.doubts.saved;
				await update({ reset: false });
			} else message = w.recipeImport.failed;
		}}
>
	{#if asks.includes('state')}
		<fieldset class="asked">
			<legend class="font-bold">{w.recipeImport.askState}</legend>
			<label class="tick"
				><input type="radio" name="state" value="raw" bind:group={told} />
				{w.recipeImport.stateRaw}</label
			>
			<label class="tick"
				><input type="radio" name="state" value="cooked" bind:group={told} />
				{w.recipeImport.stateCooked}</label
			>
		</fieldset>
	{/if}
	{#if asks.includes('servings')}
		<Field
			name="servings"
			id="servings-{dishId}"
			label={of(w.recipeImport.askServings)}
			inputmode="numeric"
			bind:value={servings}
		/>
	{/if}
	<input type="hidden" name="corrections" value={JSON.stringify(corrections)} />
	<LineDoubts lines={open} bind:corrections {habit} />
	<div class="flex flex-wrap items-center gap-3">
		<Press type="submit" first disabled={!answered} aria-label={of(w.doubts.save)}
			>{w.doubts.save}</Press
		>
		<span role="status">{message}</span>
	</div>
</form>

<style>
	.asked {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 18px;
	}
</style>
