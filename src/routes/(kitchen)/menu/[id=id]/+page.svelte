<script lang="ts">
	import * as w from '$lib/present/wording';
	import { onMount } from 'svelte';
	import { enhance } from '$app/forms';
	import { hasDraft } from '$lib/ui/shell/drafts.svelte';
	import { rangeText } from '$lib/present/time';
	import { massText, tempText } from '$lib/present/units';
	import { coreWords, kindWords, methodText } from '$lib/present/wording/codes/words';
	import { dayIn, dayText } from '$lib/present/time';
	import Field from '$lib/ui/kit/Field.svelte';
	import CatalogueNames from '$lib/ui/menu/CatalogueNames.svelte';
	import Cautions from '$lib/ui/kit/Cautions.svelte';
	import DishPicture from '$lib/ui/menu/DishPicture.svelte';
	import FreezerFinding from '$lib/ui/menu/FreezerFinding.svelte';
	import PhotoInput from '$lib/ui/menu/PhotoInput.svelte';
	import PutOnDay from '$lib/ui/menu/PutOnDay.svelte';
	import StepsGlance from '$lib/ui/menu/StepsGlance.svelte';
	import WorthOfDishes from '$lib/ui/learn/WorthOfDishes.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import { priceText } from '$lib/present/money';
	import { sources } from '$lib/core/published';
	import ScaleDish from '$lib/ui/menu/ScaleDish.svelte';
	import { roundedNutrition } from '$lib/core/foods';
	import LinesTable from '$lib/ui/menu/LinesTable.svelte';
	import { keptWhenAway } from '$lib/ui/shell/kept-posts.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import { typedDish } from '$lib/present/typed-dish';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const nutrition = $derived(roundedNutrition(data.nutrition));
	let editing = $state(false);
	let noteText = $state('');
	let correcting = $state(false);
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
	const checkSource = sources['nchfp-freezing'];
	const percent = (part: number) => `${Math.round(part * 1000) / 10} %`;

	const values = $derived(typedDish(dish, data.corrections, data.habit));
</script>

<svelte:head><title>{w.menuOne.pageTitle({ name: dish.name })}</title></svelte:head>

{#if editing}
	<PageHead title={dish.name}>
		<Press onclick={() => (editing = false)} look="quiet">{w.menuOne.leave}</Press>
	</PageHead>
	{#await import('$lib/ui/menu/DishForm.svelte')}
		<p class="quiet" role="status">{w.part.opening}</p>
	{:then { default: DishForm }}
		<DishForm
			values={form && 'typed' in form && form.typed ? form.typed : values}
			serverErrors={form && 'errors' in form ? form.errors : undefined}
			habit={data.habit}
			submit={w.menuOne.save}
			action="?/change"
			stale={form && 'stale' in form ? form.stale : undefined}
			guarded
		/>
	{/await}
{:else}
	<PageHead title={dish.name}>
		{#snippet picture()}
			<DishPicture dish={{ ...dish, pictureAtMs: data.pictureAtMs }} widthPx={64} />
		{/snippet}
		{#snippet under()}
			<Word tone={dish.state === 'raw' ? 'caution' : 'cold'} text={dish.state} />
			{w.menuOne.contents({
				servings: dish.servings,
				kind: kindWords[dish.kind].name.toLowerCase()
			})}
		{/snippet}

		<Press onclick={() => (editing = true)} look="quiet">{w.menuOne.change}</Press>
		{#if dish.state === 'cooked'}
			<Press href="/pack?dish={dish.id}" look="quiet">{w.menuOne.packIt}</Press>
			<Press href="/cool/new?dish={dish.id}" first>{w.menuOne.coolIt}</Press>
		{:else}
			<Press href="/pack?dish={dish.id}" first>{w.menuOne.packIt}</Press>
		{/if}
	</PageHead>
	{#if data.notes.length > 0}
		<p class="tape last">
			{w.menuOne.lastTime({
				day: dayText(dayIn(data.notes[0].atMs, data.habit.timeZone), data.habit)
			})} <b>“{data.notes[0].text}”</b>
		</p>
	{/if}
	<WorthOfDishes worth={data.worth} habit={data.habit} />
	{#if data.partCooked}
		<p class="part">
			<Word tone="refused" text={w.dishCare.partCooked} />
			{w.dishCare.partCookedHow({ sentence: data.partCooked })}
		</p>
	{/if}
	<div class="grid items-start gap-x-6 gap-y-3 lg:grid-cols-[1fr_350px]">
		<div class="grid gap-3">
			{#if open}
				<section class="plate wants-caution">
					{#await import('$lib/ui/menu/OpenQuestions.svelte')}
						<p class="quiet" role="status">{w.dishForm.reading}</p>
					{:then { default: OpenQuestions }}
						<OpenQuestions dishId={dish.id} lines={dish.lines} habit={data.habit} />
					{/await}
				</section>
			{/if}
			<section class="plate">
				<h2>{w.menuOne.forServings({ n: dish.servings })}</h2>
				<LinesTable lines={dish.lines} habit={data.habit}>
					{#snippet under(at)}
						{@const finding = data.findings.find(({ line }) => line === at)}
						{#if finding}<FreezerFinding {finding} />{/if}
					{/snippet}
				</LinesTable>
				<p class="quiet mt-2">
					{#if data.findings.length === 0 && !data.partCooked}{w.dishCare.fine}{/if}
					{checkSource.title}. {checkSource.publisher} ({checkSource.via})
				</p>
			</section>
			<section class="plate grid gap-1">
				<div class="flex items-baseline justify-between gap-3">
					<h2>{w.steps.title}</h2>
					<button type="button" class="why" onclick={() => (correcting = !correcting)}
						>{correcting ? w.steps.done : w.steps.correct}</button
					>
				</div>
				{#if correcting || (form && 'stepsMessage' in form)}
					{#await import('$lib/ui/menu/StepsTable.svelte')}
						<p class="quiet" role="status">{w.part.opening}</p>
					{:then { default: StepsTable }}
						<StepsTable
							steps={data.steps}
							notes={data.stepNotes}
							cookDay={data.cookDay}
							message={form && 'stepsMessage' in form ? form.stepsMessage : undefined}
						/>
					{/await}
				{:else}
					<StepsGlance steps={data.steps} cookDay={data.cookDay} />
				{/if}
				{#if dish.method}
					<details>
						<summary class="quiet more">{w.menuOne.method}</summary>
						<p class="max-w-[75ch] whitespace-pre-line">{dish.method}</p>
					</details>
				{/if}
			</section>
			<ScaleDish
				lines={dish.lines}
				whole={data.whole}
				meat={data.meat}
				servings={dish.servings}
				habit={data.habit}
			/>
		</div>
		<div class="grid gap-4">
			<section>
				<h2>{w.menu.columns.cost}</h2>
				<p class="figures">
					<span>
						<Why
							note={{
								title: w.dishCare.nutrition,
								rule: w.dishCare.nutritionRule,
								inputs: [
									{ name: w.dishCare.knownLines, value: `${data.known.lines} / ${data.known.of}` }
								],
								sources: ['eu-1169-energy', 'item-composition']
							}}
							><b>{data.habit.system === 'us' ? nutrition.energyKcal : nutrition.energyKj}</b></Why
						>
						{data.habit.system === 'us' ? 'kcal' : 'kJ'}
					</span>
					<span><b>{nutrition.proteinG}</b> {w.menuOne.protein}</span>
					{#if data.costCents !== null}
						<span><b>{priceText(data.costCents, data.habit)}</b> {w.menuOne.costs}</span>
					{/if}
				</p>
				<p class="quiet">
					{w.dishCare.perServing({ kj: nutrition.energyKj, kcal: nutrition.energyKcal })}:
					{w.dishCare.grams({
						protein: nutrition.proteinG,
						fat: nutrition.fatG,
						carbohydrate: nutrition.carbohydrateG,
						fibre: nutrition.fibreG
					})}
				</p>
			</section>
			<section class="grid gap-2">
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
					{#each facts.allergens as allergen (allergen)}<Word
							tone="caution"
							text={allergen}
						/>&nbsp;
					{:else}{facts.allergensKnown ? w.menuOne.noAllergens : ''}{/each}
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
					<summary class="quiet more">{w.dishCare.allergensKeep}</summary>
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
						<Press type="submit" look="quiet">{w.dishCare.allergensKeep}</Press>
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
				{#if dish.state === 'raw'}<p class="quiet">{w.menuOne.partCooked}</p>{/if}
			</section>
			{#if data.cautions.length > 0}
				<section><Cautions codes={data.cautions} habit={data.habit} /></section>
			{/if}
			<section>
				<h2>{w.menuOne.onADay}</h2>
				<PutOnDay ids={[dish.id]} days={data.days} habit={data.habit} quiet />
			</section>
			<section class="grid gap-2">
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
					use:enhance={keptWhenAway(
						() =>
							async ({ update, result }) => {
								await update({ reset: false });
								if (result.type === 'success') noteText = '';
							},
						() => (noteText = '')
					)}
				>
					<div class="grow">
						<Field
							name="text"
							label={w.dishCare.newNote}
							bind:value={noteText}
							error={form && 'noteErrors' in form ? form.noteErrors?.text : undefined}
						/>
					</div>
					<Press type="submit" look="quiet">{w.dishCare.keepNote}</Press>
				</form>
			</section>
			<div class="flex flex-wrap gap-2">
				<PhotoInput
					has={data.pictureAtMs !== null}
					message={form && 'pictureMessage' in form ? form.pictureMessage : undefined}
				/>
				<Press href="/menu/{dish.id}/recipe.json" look="bare">{w.dishCare.asJson}</Press>
				<Press href="/menu/{dish.id}/recipe.txt" look="bare">{w.dishCare.asText}</Press>
				<form method="POST" action="?/remove" use:enhance>
					<Press type="submit" look="bare">{w.menuOne.remove}</Press>
				</form>
			</div>
			<details open={(form && 'componentMessage' in form) || undefined}>
				<summary class="more font-bold">{w.dishCare.component}</summary>
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
					<Press type="submit" look="quiet">{w.dishCare.componentKeep}</Press>
				</form>
			</details>
			{#if data.versions.length > 0}
				<details>
					<summary class="more font-bold">{w.dishCare.versions}</summary>
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
							<Press type="submit" look="quiet">{w.dishCare.versionBack}</Press>
						</form>
					{/each}
				</details>
			{/if}
		</div>
	</div>
{/if}

<style>
	.last {
		margin-bottom: 10px;
		padding: 6px 12px;
	}
	.part {
		margin-bottom: 10px;
		padding: 8px 12px;
		background: var(--ember-pale);
	}
	.figures {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 20px;
		align-items: baseline;
		color: var(--soft);
	}
	.figures b {
		font-size: 30px;
		line-height: 1.2;
		color: var(--ink);
	}
	.more {
		min-height: 44px;
		padding: 10px 0;
		cursor: pointer;
	}
</style>
