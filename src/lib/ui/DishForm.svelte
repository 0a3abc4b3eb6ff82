<script lang="ts">
	import { enhance } from '$app/forms';
	import { dishKindNames } from '$lib/core/tables/dish-kinds';
	import { parseIngredientLines } from '$lib/formats/ingredient-line';
	import type { Habit } from '$lib/present/units';
	import { kindWords } from '$lib/present/words';
	import { dishSchema, longestPaste } from '$lib/schemas/dish';
	import { unitHint } from '$lib/schemas/quantity-text';
	import { checked } from './checked';
	import Choice from './Choice.svelte';
	import Field from './Field.svelte';
	import LinesTable from './LinesTable.svelte';
	import LongText from './LongText.svelte';
	import Press from './Press.svelte';

	let {
		values,
		serverErrors = {},
		habit,
		submit,
		action
	}: {
		values: Record<string, string>;
		serverErrors?: Record<string, string>;
		habit: Habit;
		submit: string;
		action?: string;
	} = $props();

	// the form keeps its own copy: what is typed is the cook's until it is saved
	// svelte-ignore state_referenced_locally
	let typed = $state({ ...values });
	let errors = $derived(serverErrors);
	let busy = $state(false);
	const read = $derived(
		(typed.lines ?? '').length <= longestPaste ? parseIngredientLines(typed.lines ?? '') : []
	);
</script>

<form
	method="POST"
	{action}
	class="grid gap-5 lg:grid-cols-2"
	novalidate
	use:enhance={checked(
		() => dishSchema(habit),
		(found) => (errors = found),
		{ busy: (at) => (busy = at) }
	)}
>
	<section class="plate grid content-start gap-4">
		<h2>The dish</h2>
		<Field name="name" label="Name" bind:value={typed.name} error={errors.name} />
		<div class="grid grid-cols-2 gap-4">
			<Field
				name="servings"
				label="Servings"
				bind:value={typed.servings}
				error={errors.servings}
				inputmode="numeric"
			/>
			<Choice
				name="state"
				label="Goes into the freezer"
				bind:value={typed.state}
				error={errors.state}
				items={[
					{ value: 'cooked', name: 'cooked, cooled first' },
					{ value: 'raw', name: 'raw, to be cooked later' }
				]}
			/>
		</div>
		<Choice
			name="kind"
			label="Kind"
			bind:value={typed.kind}
			error={errors.kind}
			hint={typed.kind
				? kindWords[typed.kind as keyof typeof kindWords]?.hint
				: 'how its doneness is judged'}
			items={dishKindNames.map((kind) => ({ value: kind, name: kindWords[kind].name }))}
		/>
		<LongText
			name="lines"
			label="Ingredients, one a line"
			rows={10}
			bind:value={typed.lines}
			error={errors.lines}
			hint="Any units. Write “on the day” or “to serve” behind a line that is not frozen."
		/>
		<LongText
			name="method"
			label="Method, a few lines"
			rows={4}
			bind:value={typed.method}
			error={errors.method}
		/>
		<Field
			name="addOnDay"
			label="To add on the day"
			bind:value={typed.addOnDay}
			error={errors.addOnDay}
			hint="goes on the label: 120 mL cream, stirred in at the end"
		/>
	</section>
	<div class="grid content-start gap-5">
		<section class="plate grid gap-4">
			<h2>What its recipe says about cooking</h2>
			<p class="quiet">
				One instruction is enough; the other appliances are worked out from it. None is fine too.
			</p>
			<div class="grid grid-cols-2 gap-4">
				<Choice
					name="appliance"
					label="Appliance"
					bind:value={typed.appliance}
					error={errors.appliance}
					placeholder="no instruction"
					items={[
						{ value: 'slow-cooker', name: 'slow cooker' },
						{ value: 'pressure-cooker', name: 'pressure cooker' },
						{ value: 'oven', name: 'oven, covered' }
					]}
				/>
				{#if typed.appliance === 'slow-cooker'}
					<Choice
						name="setting"
						label="Setting"
						bind:value={typed.setting}
						error={errors.setting}
						items={[
							{ value: 'low', name: 'low' },
							{ value: 'high', name: 'high' }
						]}
					/>
				{:else if typed.appliance === 'oven'}
					<Field
						name="ovenC"
						label="Oven"
						bind:value={typed.ovenC}
						error={errors.ovenC}
						hint={unitHint('temperature', habit)}
					/>
				{/if}
			</div>
			{#if typed.appliance}
				<Choice
					name="instructionState"
					label="From"
					bind:value={typed.instructionState}
					error={errors.instructionState}
					items={[
						{ value: 'fresh', name: 'fresh, just put together' },
						{ value: 'thawed', name: 'thawed, from the refrigerator' },
						{ value: 'frozen', name: 'frozen solid' }
					]}
				/>
				<div class="grid grid-cols-2 gap-4">
					<Field
						name="fromMin"
						label="Time from"
						bind:value={typed.fromMin}
						error={errors.fromMin}
						hint="6 h, 25 min, 1 h 30"
					/>
					<Field
						name="toMin"
						label="to"
						bind:value={typed.toMin}
						error={errors.toMin}
						hint="same if one time"
					/>
				</div>
			{/if}
			<div><Press type="submit" first disabled={busy}>{busy ? 'Saving…' : submit}</Press></div>
			{#if Object.keys(errors).length > 0}
				<p class="entry-error" role="alert">
					Not saved yet: see the marked fields. Everything typed is still here.
				</p>
			{/if}
		</section>
		<section class="plate">
			<h2>As it is understood</h2>
			{#if read.length > 0}
				<LinesTable lines={read} {habit} />
			{:else if (typed.lines ?? '').length > longestPaste}
				<p class="entry-error mt-2">Too long to read as one dish.</p>
			{:else}
				<p class="quiet mt-2">Lines appear here as you type: quantity, unit, item and cut.</p>
			{/if}
		</section>
	</div>
</form>
