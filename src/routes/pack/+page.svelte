<script lang="ts">
	import { w } from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { coolingView } from '$lib/core/cooling/cooling-view';
	import { CoreError, storageLife } from '$lib/core';
	import { blockOf } from '$lib/core/packing/block-of';
	import { containerKeys, containers, type ContainerKey } from '$lib/core/tables/containers';
	import { dayText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { containerText, groupWords } from '$lib/present/words';
	import { dayFromText } from '$lib/schemas/day-text';
	import { packingSchema } from '$lib/schemas/packing';
	import { quantityFromText, unitHint } from '$lib/schemas/quantity-text';
	import { checked } from '$lib/ui/checked';
	import Choice from '$lib/ui/Choice.svelte';
	import { clock } from '$lib/ui/clock.svelte';
	import Field from '$lib/ui/Field.svelte';
	import Press from '$lib/ui/Press.svelte';
	import Slab from '$lib/ui/Slab.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	let typed = $state<Record<string, string>>(
		form?.typed ?? {
			dishId: data.dishId,
			coolingRunId: data.run ? String(data.run.id) : '',
			container: 'bag-1l',
			packedOn: dayText(data.today, data.habit),
			servings: '4',
			shelfId: String(data.freezers.at(-1)?.shelves[0]?.id ?? '')
		}
	);
	let errors = $derived<Record<string, string>>(form?.errors ?? {});
	let busy = $state(false);

	const dish = $derived(data.dishes.find((d) => String(d.id) === typed.dishId));
	const shelves = $derived(
		data.freezers.flatMap((freezer) =>
			freezer.shelves.map((shelf) => ({
				value: String(shelf.id),
				name: `${freezer.name}, ${shelf.name}`,
				setC: freezer.setC
			}))
		)
	);
	const massKg = $derived(quantityFromText(typed.massKg ?? '', 'mass', data.habit));
	const batchKg = $derived(massKg * Number(typed.count));

	/** The block as it will be, while typing; a message when the container is too small. */
	const block = $derived.by(() => {
		if (!dish || !(massKg > 0) || !(typed.container in containers)) return null;
		try {
			const computed = blockOf({
				massKg,
				densityKgPerM3: dish.densityKgPerM3,
				container: typed.container as ContainerKey
			});
			const own = (text: string | undefined) => quantityFromText(text ?? '', 'length', data.habit);
			return {
				lengthM: own(typed.lengthM) || computed.lengthM,
				widthM: own(typed.widthM) || computed.widthM,
				thicknessM: own(typed.thicknessM) || computed.thicknessM,
				computed
			};
		} catch (error) {
			if (error instanceof CoreError) return null;
			throw error;
		}
	});
	const typedDay = (text: string | undefined) => dayFromText(text ?? '', data.habit, data.today);
	const packedOn = $derived(typedDay(typed.packedOn));
	const ownBestBy = $derived(typedDay(typed.bestBy));
	const life = $derived.by(() => {
		const shelf = shelves.find((s) => s.value === typed.shelfId);
		if (!dish || !packedOn) return null;
		try {
			return storageLife({
				parts: dish.parts,
				packedOn,
				freezerC: shelf?.setC,
				houseMonths: data.house.houseMonths ?? undefined
			});
		} catch (error) {
			if (error instanceof CoreError) return null;
			throw error;
		}
	});
	const cooled = $derived(data.run ? coolingView(data.run, clock.ms, data.limits) : null);
	const length = $derived(unitHint('length', data.habit));
</script>

<svelte:head><title>{w.pack.packAlmacen}</title></svelte:head>

<h1 class="mb-4">{w.pack.divideIntoPacks}</h1>
{#if data.dishes.length === 0}
	<section class="plate">
		<p>{w.pack.writeTheDishFirst}</p>
		<p class="mt-3"><Press href="/menu/new" first>{w.pack.writeADish}</Press></p>
	</section>
{:else if data.freezers.length === 0}
	<section class="plate">
		<p>{w.pack.whereDoThePacks}</p>
		<p class="mt-3"><Press href="/household" first>{w.pack.toTheHousehold}</Press></p>
	</section>
{:else}
	{#if cooled && cooled.verdict === 'fail'}
		<p class="plate wants-refused mb-4">
			<b>{w.pack.thisRunDoesNot}</b>
			{w.pack.foodThatMissedIt(tempText(74, data.habit))}
		</p>
	{:else if cooled && cooled.nowC > 8}
		<p class="plate wants-caution mb-4">
			<b>{w.pack.stillWarmInThe}</b>
			{w.pack.packedWarmItSteams(tempText(5, data.habit))}
		</p>
	{/if}
	<form
		method="POST"
		class="grid gap-5 lg:grid-cols-[3fr_2fr]"
		novalidate
		use:enhance={checked(
			() => packingSchema(data.habit, data.today),
			(found) => (errors = found),
			{ busy: (at) => (busy = at) }
		)}
	>
		<section class="plate grid content-start gap-4">
			<input type="hidden" name="coolingRunId" value={typed.coolingRunId} />
			<Choice
				name="dishId"
				label={w.pack.dish}
				bind:value={typed.dishId}
				error={errors.dishId}
				items={data.dishes.map((d) => ({ value: String(d.id), name: d.name }))}
			/>
			<div class="grid grid-cols-2 gap-4">
				<Field
					name="count"
					label={w.pack.packs}
					bind:value={typed.count}
					error={errors.count}
					inputmode="numeric"
				/>
				<Field
					name="servings"
					label={w.pack.servingsInEach}
					bind:value={typed.servings}
					error={errors.servings}
					inputmode="numeric"
				/>
			</div>
			<div class="grid gap-4 sm:grid-cols-2">
				<Choice
					name="container"
					label={w.pack.container}
					bind:value={typed.container}
					error={errors.container}
					items={containerKeys.map((key) => ({ value: key, name: containerText(key, data.habit) }))}
				/>
				<Field
					name="massKg"
					label={w.pack.netWeightOfEach}
					bind:value={typed.massKg}
					error={errors.massKg}
					hint={dish && dish.packedKg > 0
						? w.pack.theRecipesLinesWeigh(
								unitHint('mass', data.habit),
								massText(dish.packedKg, data.habit)
							)
						: unitHint('mass', data.habit)}
				/>
			</div>
			<fieldset>
				<legend class="entry-label">{w.pack.theBlockIfIt}</legend>
				<div class="grid grid-cols-3 gap-4">
					<Field
						name="lengthM"
						label={w.pack.length}
						bind:value={typed.lengthM}
						error={errors.lengthM}
						hint={length}
					/>
					<Field
						name="widthM"
						label={w.pack.width}
						bind:value={typed.widthM}
						error={errors.widthM}
						hint={length}
					/>
					<Field
						name="thicknessM"
						label={w.pack.thickness}
						bind:value={typed.thicknessM}
						error={errors.thicknessM}
						hint={length}
					/>
				</div>
			</fieldset>
			<div class="grid gap-4 sm:grid-cols-2">
				<Field
					name="packedOn"
					label={w.pack.packedOn}
					bind:value={typed.packedOn}
					error={errors.packedOn}
					hint={w.pack.todayYesterdayOrA}
				/>
				<Field
					name="bestBy"
					label={w.pack.bestByIfYou}
					bind:value={typed.bestBy}
					error={errors.bestBy}
					hint={w.pack.emptyComputed}
				/>
			</div>
			<Choice
				name="shelfId"
				label={w.pack.goesTo}
				bind:value={typed.shelfId}
				error={errors.shelfId}
				items={shelves}
			/>
		</section>
		<div class="grid content-start gap-5">
			<section class="plate grid gap-3">
				<h2>{w.pack.whatItWillBe}</h2>
				{#if block}
					<Slab thicknessM={block.thicknessM} lengthM={block.lengthM} habit={data.habit} planned />
					<p>
						{w.pack.packsOf(
							Number(typed.count) > 0 ? typed.count : '?',
							massText(massKg, data.habit),
							lengthText(block.lengthM, data.habit),
							lengthText(block.widthM, data.habit)
						)} <b>{w.pack.thick(lengthText(block.thicknessM, data.habit))}</b>
					</p>
					{#if batchKg > 0}<p class="quiet">
							{w.pack.inAllThicknessRules(massText(batchKg, data.habit))}
						</p>{/if}
				{:else if massKg > 0 && dish}
					<p class="entry-error">{w.pack.tooMuchForThis}</p>
				{:else}
					<p class="quiet">{w.pack.chooseADishAnd}</p>
				{/if}
				{#if life && dish}
					{#if life.bestBy}
						<p>
							{w.pack.bestBy} <b>{dayText(ownBestBy ?? life.bestBy, data.habit)}</b>
							{#if life.limitingPart !== null}
								<br /><span class="quiet">
									{w.pack.ruledBy(groupWords[dish.parts[life.limitingPart].group], dish.state)}
								</span>
							{/if}
						</p>
					{:else}
						<p>{w.pack.noPublishedFigureFor}</p>
					{/if}
				{/if}
				<div>
					<Press type="submit" first disabled={busy}
						>{busy ? w.pack.computingTheCookCard : w.pack.packThem}</Press
					>
				</div>
				{#if busy}<p class="quiet" role="status">{w.pack.cookingTimesForEvery}</p>{/if}
				{#if Object.keys(errors).length > 0}
					<p class="entry-error" role="alert">{w.pack.notPackedYetSee}</p>
				{/if}
			</section>
			{#if data.recent.length > 0}
				<section class="plate">
					<h2>{w.pack.packedLately}</h2>
					<table class="ledger mt-1">
						<tbody>
							{#each data.recent as { packing, dish: name, count } (packing.id)}
								<tr>
									<td><a href="/pack/{packing.id}">{name}</a></td>
									<td>{count} × {massText(packing.massKg, data.habit)}</td>
									<td class="quiet">{dayText(packing.packedOn, data.habit)}</td>
								</tr>
							{/each}
						</tbody>
					</table>
				</section>
			{/if}
		</div>
	</form>
{/if}
