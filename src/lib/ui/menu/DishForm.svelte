<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { dishKindNames } from '$lib/core/published';
	import { type LineCorrection, longestPaste } from '$lib/core/foods';
	import type { Habit } from '$lib/present/units';
	import { kindWords } from '$lib/present/wording/codes/words';
	import { unitHint } from '$lib/schemas/quantity-text';
	import { seenText, type StaleFields } from '$lib/present/seen';
	import { checked } from '../kit/checked';
	import Choice from '../kit/Choice.svelte';
	import Field from '../kit/Field.svelte';
	import LongText from '../kit/LongText.svelte';
	import Press from '../kit/Press.svelte';
	import Seen from '../kit/Seen.svelte';

	let {
		values,
		serverErrors = {},
		habit,
		submit,
		action,
		guarded = false,
		stale
	}: {
		values: Record<string, string>;
		serverErrors?: Record<string, string>;
		habit: Habit;
		submit: string;
		action?: string;
		/** of a dish that is there: nobody writes over what another device changed since the form was opened */
		guarded?: boolean;
		stale?: StaleFields | undefined;
	} = $props();

	// the form keeps its own copy: what is typed is the cook's until it is saved
	// svelte-ignore state_referenced_locally
	let typed = $state({ ...values });
	// svelte-ignore state_referenced_locally
	let corrections = $state<Record<string, LineCorrection>>(
		JSON.parse(values.corrections || '{}') as Record<string, LineCorrection>
	);
	// svelte-ignore state_referenced_locally
	const seen = values.seen ?? seenText(values);
	let errors = $derived(serverErrors);
	let busy = $state(false);
	/** The corrections are in no field of their own: a draft brings them back with the rest. */
	function fromDraft(event: Event): void {
		const { corrections: kept } = (event as CustomEvent<Record<string, string>>).detail;
		if (kept) corrections = JSON.parse(kept) as Record<string, LineCorrection>;
	}
	formScope({ typed: () => typed, errors: () => errors });
</script>

<form
	method="POST"
	{action}
	class="dish"
	novalidate
	ondraft={fromDraft}
	use:enhance={checked(
		async () => (await import('$lib/schemas/dish')).dishSchema(habit),
		(found) => (errors = found),
		{ busy: (at) => (busy = at) }
	)}
>
	{#if guarded}<Seen {seen} {stale} />{/if}
	<section class="plate what">
		<Field name="name" label={w.dishForm.name} />
		<Field name="servings" label={w.dishForm.servings} inputmode="numeric" />
		<Choice
			name="state"
			label={w.dishForm.state}
			items={[
				{ value: 'cooked', name: w.dishForm.cooked },
				{ value: 'raw', name: w.dishForm.raw }
			]}
		/>
		<Choice
			name="kind"
			label={w.dishForm.kind}
			hint={typed.kind
				? kindWords[typed.kind as keyof typeof kindWords]?.hint
				: w.dishForm.kindHint}
			items={dishKindNames.map((kind) => ({ value: kind, name: kindWords[kind].name }))}
		/>
	</section>
	<section class="plate">
		<LongText name="lines" label={w.dishForm.lines} rows={9} hint={w.dishForm.linesHint} />
	</section>
	<section class="plate">
		<h2>{w.dishForm.understood}</h2>
		<input type="hidden" name="corrections" value={JSON.stringify(corrections)} />
		{#if (typed.lines ?? '').length > longestPaste}
			<p class="entry-error mt-2">{w.dishForm.tooLong}</p>
		{:else if (typed.lines ?? '').trim() !== ''}
			{#await import('./LinesEditor.svelte')}
				<p class="quiet mt-2" role="status">{w.dishForm.reading}</p>
			{:then { default: LinesEditor }}
				<LinesEditor text={typed.lines} bind:corrections {habit} />
			{/await}
		{:else}
			<p class="quiet mt-2">{w.dishForm.noLines}</p>
		{/if}
	</section>
	<section class="plate grid content-start gap-4">
		<LongText name="method" label={w.dishForm.method} rows={3} />
		<div class="grid gap-4 sm:grid-cols-2">
			<Field name="pieces" label={w.dishForm.pieces} hint={w.dishForm.piecesHint} />
			<Field name="addOnDay" label={w.dishForm.toAddOnThe} hint={w.dishForm.addOnDayHint} />
		</div>
	</section>
	<section class="plate grid content-start gap-4">
		<h2>{w.dishForm.instructionPart}</h2>
		<p class="quiet">{w.dishForm.instructionHint}</p>
		<div class="grid grid-cols-2 gap-4">
			<Choice
				name="appliance"
				label={w.dishForm.appliance}
				placeholder={w.dishForm.noInstruction}
				items={[
					{ value: 'slow-cooker', name: w.dishForm.slowCooker },
					{ value: 'pressure-cooker', name: w.dishForm.pressureCooker },
					{ value: 'oven', name: w.dishForm.ovenCovered }
				]}
			/>
			{#if typed.appliance === 'slow-cooker'}
				<Choice
					name="setting"
					label={w.dishForm.setting}
					items={[
						{ value: 'low', name: w.dishForm.low },
						{ value: 'high', name: w.dishForm.high }
					]}
				/>
			{:else if typed.appliance === 'oven'}
				<Field name="ovenC" label={w.dishForm.oven} hint={unitHint('temperature', habit)} />
			{/if}
		</div>
		{#if typed.appliance === 'oven'}
			<Choice
				name="lid"
				label={w.dishForm.lid}
				items={[
					{ value: 'covered', name: w.dishForm.lidOn },
					{ value: 'open', name: w.dishForm.lidOff }
				]}
			/>
		{/if}
		{#if typed.appliance}
			<Choice
				name="instructionState"
				label={w.dishForm.from}
				items={[
					{ value: 'fresh', name: w.dishForm.fresh },
					{ value: 'thawed', name: w.dishForm.thawed },
					{ value: 'frozen', name: w.dishForm.frozenSolid }
				]}
			/>
			<div class="grid grid-cols-2 gap-4">
				<Field name="fromMin" label={w.dishForm.timeFrom} hint={w.dishForm.hMinH} />
				<Field name="toMin" label={w.dishForm.to} hint={w.dishForm.toHint} />
			</div>
		{/if}
	</section>
	<div class="under">
		<Press type="submit" first disabled={busy}>{busy ? w.dishForm.saving : submit}</Press>
		{#if Object.keys(errors).length > 0}
			<p class="entry-error" role="alert">{w.dishForm.notSaved}</p>
		{/if}
	</div>
</form>

<style>
	.dish {
		display: grid;
		gap: 14px;
	}
	.what {
		display: grid;
		gap: 14px;
	}
	/* what is saved is under the thumb, however long the recipe */
	.under {
		position: sticky;
		bottom: 0;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 16px;
		padding: 8px 0 10px;
		background: var(--frost);
	}
	@media (min-width: 768px) {
		.what {
			grid-template-columns: minmax(0, 2fr) 110px minmax(0, 1fr) minmax(0, 1.2fr);
		}
	}
	@media (min-width: 1024px) {
		.dish {
			grid-template-columns: 1fr 1fr;
		}
		.what,
		.under {
			grid-column: 1 / -1;
		}
	}
	@media (max-width: 767px) {
		.under {
			bottom: 66px;
		}
	}
</style>
