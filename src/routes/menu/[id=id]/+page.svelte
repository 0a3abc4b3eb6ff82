<script lang="ts">
	import * as w from '$lib/present/wording';
	import { onMount } from 'svelte';
	import { enhance } from '$app/forms';
	import { hasDraft } from '$lib/ui/shell/drafts.svelte';
	import { durationText, rangeText } from '$lib/present/time';
	import { massText, ovenText, tempText } from '$lib/present/units';
	import { coreWords, kindWords, methodText } from '$lib/present/wording/codes/words';
	import { dayIn, dayText } from '$lib/present/time';
	import Field from '$lib/ui/kit/Field.svelte';
	import CatalogueNames from '$lib/ui/menu/CatalogueNames.svelte';
	import Cautions from '$lib/ui/kit/Cautions.svelte';
	import FreezerCheck from '$lib/ui/menu/FreezerCheck.svelte';
	import StepsTable from '$lib/ui/menu/StepsTable.svelte';
	import { roundedNutrition } from '$lib/core/foods/nutrition';
	import DishForm from '$lib/ui/menu/DishForm.svelte';
	import LinesTable from '$lib/ui/menu/LinesTable.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const nutrition = $derived(roundedNutrition(data.nutrition));
	let editing = $state(false);
	let noteText = $state('');
	const dish = $derived(data.dish);
	const facts = $derived(dish.facts);
	const open = $derived(
		dish.lines.some(({ understood, doubts }) => understood !== 'heading' && doubts.length > 0)
	);
	$effect(() => {
		if (form && 'saved' in form) editing = false;
	});
	// what was being changed before a reload is opened again
	onMount(() => {
		if (hasDraft('?/change')) editing = true;
	});
	const percent = (part: number) => `${Math.round(part * 1000) / 10} %`;

	const values = $derived.by((): Record<string, string> => {
		const told = dish.instruction;
		return {
			name: dish.name,
			servings: String(dish.servings),
			kind: dish.kind,
			state: dish.state,
			lines: dish.lines.map((line) => line.text).join('\n'),
			corrections: data.corrections,
			method: dish.method,
			addOnDay: dish.addOnDay,
			pieces: dish.pieces ? `${dish.pieces.count} ${dish.pieces.name}` : '',
			...(told && {
				appliance: told.method.appliance,
				setting: told.method.appliance === 'slow-cooker' ? told.method.setting : '',
				ovenC: told.method.appliance === 'oven' ? ovenText(told.method.ovenC, data.habit) : '',
				lid: told.method.appliance === 'oven' && !told.method.covered ? 'open' : 'covered',
				instructionState: told.state,
				fromMin: durationText(told.minutes.from),
				toMin: durationText(told.minutes.to)
			})
		};
	});
</script>

<svelte:head><title>{w.menuOne.pageTitle({ name: dish.name })}</title></svelte:head>

{#if editing}
	<div class="mb-4 flex items-center justify-between gap-3">
		<h1>{dish.name}</h1>
		<Press onclick={() => (editing = false)}>{w.menuOne.leave}</Press>
	</div>
	<DishForm
		values={form && 'typed' in form && form.typed ? form.typed : values}
		serverErrors={form && 'errors' in form ? form.errors : undefined}
		habit={data.habit}
		submit={w.menuOne.save}
		action="?/change"
	/>
{:else}
	<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
		<div class="grid content-start gap-5">
			<section class="plate">
				<div class="flex flex-wrap items-center justify-between gap-3">
					<h1>{dish.name}</h1>
					<div class="flex gap-2">
						<Press onclick={() => (editing = true)}>{w.menuOne.change}</Press>
						<form method="POST" action="?/remove" use:enhance>
							<Press type="submit">{w.menuOne.remove}</Press>
						</form>
					</div>
				</div>
				<p class="quiet">
					{w.menuOne.contents({
						servings: dish.servings,
						kind: kindWords[dish.kind].name.toLowerCase()
					})}
					<Word tone={dish.state === 'raw' ? 'caution' : 'cold'} text={dish.state} />
				</p>
				<LinesTable lines={dish.lines} habit={data.habit} />
				{#if dish.method}<p class="mt-3 whitespace-pre-line">{dish.method}</p>{/if}
			</section>
			<StepsTable
				steps={data.steps}
				notes={data.stepNotes}
				cookDay={data.cookDay}
				message={form && 'stepsMessage' in form ? form.stepsMessage : undefined}
			/>
			{#await import('$lib/ui/menu/ScaleDish.svelte') then { default: ScaleDish }}
				<ScaleDish lines={dish.lines} servings={dish.servings} habit={data.habit} />
			{/await}
			<section class="plate grid gap-3">
				<h2>{w.dishCare.notes}</h2>
				{#each data.notes as note (note.id)}
					<p>
						“{note.text}”
						<span class="quiet">{dayText(dayIn(note.atMs, data.habit.timeZone), data.habit)}</span>
					</p>
				{/each}
				<form
					method="POST"
					action="?/note"
					class="flex flex-wrap items-end gap-3"
					use:enhance={() =>
						async ({ update, result }) => {
							await update({ reset: false });
							if (result.type === 'success') noteText = '';
						}}
				>
					<div class="grow">
						<Field
							name="text"
							label={w.dishCare.newNote}
							bind:value={noteText}
							error={form && 'noteErrors' in form ? form.noteErrors?.text : undefined}
						/>
					</div>
					<Press type="submit">{w.dishCare.keepNote}</Press>
				</form>
			</section>
		</div>
		<div class="grid content-start gap-5">
			{#if open}
				<section class="plate wants-caution">
					{#await import('$lib/ui/menu/OpenQuestions.svelte')}
						<p class="quiet" role="status">{w.dishForm.reading}</p>
					{:then { default: OpenQuestions }}
						<OpenQuestions dishId={dish.id} lines={dish.lines} habit={data.habit} />
					{/await}
				</section>
			{/if}
			<section class="plate grid gap-2">
				<h2>{w.menuOne.facts}</h2>
				<p>
					{w.menuOne.core}
					<Why
						note={{
							title: w.menuOne.coreTemperature,
							rule: w.menuOne.coreRule,
							inputs: [{ name: w.menuOne.countsAs, value: coreWords[facts.core] }],
							sources: ['core-temperatures']
						}}><b>{tempText(facts.coreC, data.habit)}</b></Why
					>
					<span class="quiet">({coreWords[facts.core]})</span>
				</p>
				{#if dish.state === 'raw' && facts.unread.length > 0}
					<p><Word tone="caution" text={w.doubts.asRawMeat} /></p>
				{/if}
				<p>
					{w.menuOne.contains}
					<b>{facts.allergens.join(', ') || (facts.allergensKnown ? w.menuOne.noAllergens : '')}</b>
					{#if !facts.allergensKnown}
						<Why
							note={{
								title: w.doubts.notAllKnown,
								rule: w.doubts.notAllKnownWhy,
								inputs: [],
								sources: []
							}}><Word tone="caution" text={w.doubts.notAllKnown} /></Why
						>
					{/if}<br />
					{#if facts.checkPackets.length}
						<span>{w.doubts.checkPackets({ items: facts.checkPackets.join(', ') })}</span><br />
					{/if}
					<span class="quiet"
						>{dish.allergens ? w.dishCare.allergensCorrected : w.menuOne.allergensHint}</span
					>
				</p>
				<details>
					<summary class="quiet" style="cursor: pointer; min-height: 28px"
						>{w.dishCare.allergensKeep}</summary
					>
					<form
						method="POST"
						action="?/allergens"
						class="flex flex-wrap items-end gap-3"
						use:enhance
					>
						<div class="grow">
							<Field
								name="allergens"
								label={w.dishCare.allergensField}
								value={facts.allergens.join(', ')}
							/>
						</div>
						<label class="tick pb-2"
							><input type="checkbox" name="asRead" /> {w.dishCare.allergensAsRead}</label
						>
						<Press type="submit">{w.dishCare.allergensKeep}</Press>
					</form>
				</details>
				<p>
					<Why
						note={{
							title: w.menuOne.composition,
							rule:
								facts.compositionFrom === 'lines'
									? w.menuOne.compositionRule
									: w.menuOne.compositionAssumed,
							inputs: [
								{ name: w.menuOne.knownLines, value: percent(facts.known01) },
								...Object.entries(facts.food.composition).map(([name, part]) => ({
									name,
									value: percent(part)
								}))
							],
							sources: ['item-composition', 'food-data-household', 'choi-okos-1986']
						}}
						>{facts.compositionFrom === 'lines'
							? w.menuOne.compositionOwn
							: w.menuOne.compositionUsual({ kind: kindWords[dish.kind].name.toLowerCase() })}</Why
					>{#if facts.packedKg > 0}{w.menuOne.about} <b>{massText(facts.packedKg, data.habit)}</b>
						{w.menuOne.toFreeze}{/if}
				</p>
				{#if facts.without.length > 0}
					<p class="quiet">{w.doubts.partly} {facts.without.join('; ')}</p>
				{/if}
				{#if dish.instruction}
					<p>
						{w.menuOne.recipe({ instruction: methodText(dish.instruction.method, data.habit) })}
						<b>{rangeText(dish.instruction.minutes.from, dish.instruction.minutes.to)}</b>, {dish
							.instruction.state}
					</p>
				{:else}
					<p>{w.menuOne.noInstruction}</p>
				{/if}
				{#if dish.addOnDay}<p>{w.menuOne.onTheDay({ amounts: dish.addOnDay })}</p>{/if}
				<p>
					<Why
						note={{
							title: w.dishCare.nutrition,
							rule: w.dishCare.nutritionRule,
							inputs: [
								{ name: w.dishCare.knownLines, value: `${data.known.lines} / ${data.known.of}` }
							],
							sources: ['eu-1169-energy', 'item-composition']
						}}
						><b>{w.dishCare.perServing({ kj: nutrition.energyKj, kcal: nutrition.energyKcal })}</b
						></Why
					><br />
					<span class="quiet">
						{w.dishCare.nutrition}: {w.dishCare.grams({
							protein: nutrition.proteinG,
							fat: nutrition.fatG,
							carbohydrate: nutrition.carbohydrateG,
							fibre: nutrition.fibreG
						})}
					</span>
				</p>
			</section>
			<FreezerCheck findings={data.findings} partCooked={data.partCooked} />
			{#if data.cautions.length > 0}
				<section class="plate"><Cautions codes={data.cautions} habit={data.habit} /></section>
			{/if}
			<section class="plate grid gap-3">
				<h2>{w.menuOne.next}</h2>
				<div class="flex flex-wrap gap-3">
					{#if dish.state === 'cooked'}
						<Press href="/cool/new?dish={dish.id}" first>{w.menuOne.coolIt}</Press>
						<Press href="/pack?dish={dish.id}">{w.menuOne.packIt}</Press>
					{:else}
						<Press href="/pack?dish={dish.id}" first>{w.menuOne.packIt}</Press>
					{/if}
				</div>
				{#if dish.state === 'raw'}
					<p class="quiet">{w.menuOne.partCooked}</p>
				{/if}
			</section>
			{#if data.versions.length > 0}
				<section class="plate grid gap-2">
					<h2>{w.dishCare.versions}</h2>
					{#each data.versions.slice(0, 8) as version (version.id)}
						<form
							method="POST"
							action="?/restore"
							class="flex flex-wrap items-center justify-between gap-3"
							use:enhance
						>
							<input type="hidden" name="version" value={version.id} />
							<span
								>{w.dishCare.versionUntil({
									day: dayText(dayIn(version.atMs, data.habit.timeZone), data.habit),
									name: version.content.values.name,
									lines: version.content.lines.length
								})}</span
							>
							<Press type="submit">{w.dishCare.versionBack}</Press>
						</form>
					{/each}
				</section>
			{/if}
			<section class="plate grid gap-3">
				<h2>{w.dishCare.component}</h2>
				<CatalogueNames />
				<form method="POST" action="?/component" class="flex flex-wrap items-end gap-3" use:enhance>
					<div class="grow">
						<Field
							name="standsFor"
							label={w.dishCare.componentHow}
							value={dish.standsFor ?? ''}
							placeholder={w.dishCare.componentNone}
							list="catalogue"
							error={form && 'componentMessage' in form ? form.componentMessage : undefined}
						/>
					</div>
					<Press type="submit">{w.dishCare.componentKeep}</Press>
				</form>
				<h2>{w.dishCare.export}</h2>
				<div class="flex flex-wrap gap-3">
					<Press href="/menu/{dish.id}/recipe.json">{w.dishCare.asJson}</Press>
					<Press href="/menu/{dish.id}/recipe.txt">{w.dishCare.asText}</Press>
				</div>
			</section>
		</div>
	</div>
{/if}
