<script lang="ts">
	import { w } from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { durationText, rangeText } from '$lib/present/time';
	import { massText, tempNumber, tempText } from '$lib/present/units';
	import { coreWords, kindWords, methodText } from '$lib/present/words';
	import DishForm from '$lib/ui/DishForm.svelte';
	import LinesTable from '$lib/ui/LinesTable.svelte';
	import Press from '$lib/ui/Press.svelte';
	import Why from '$lib/ui/Why.svelte';
	import Word from '$lib/ui/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let editing = $state(false);
	const dish = $derived(data.dish);
	const facts = $derived(dish.facts);
	$effect(() => {
		if (form && 'saved' in form) editing = false;
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
			method: dish.method,
			addOnDay: dish.addOnDay,
			...(told && {
				appliance: told.method.appliance,
				setting: told.method.appliance === 'slow-cooker' ? told.method.setting : '',
				ovenC: told.method.appliance === 'oven' ? tempNumber(told.method.ovenC, data.habit) : '',
				instructionState: told.state,
				fromMin: durationText(told.minutes.from),
				toMin: durationText(told.minutes.to)
			})
		};
	});
</script>

<svelte:head><title>{w.menuOne.almacen(dish.name)}</title></svelte:head>

{#if editing}
	<div class="mb-4 flex items-center justify-between gap-3">
		<h1>{dish.name}</h1>
		<Press onclick={() => (editing = false)}>{w.menuOne.leaveAsItWas}</Press>
	</div>
	<DishForm
		values={form && 'typed' in form && form.typed ? form.typed : values}
		serverErrors={form && 'errors' in form ? form.errors : undefined}
		habit={data.habit}
		submit={w.menuOne.saveTheChanges}
		action="?/change"
	/>
{:else}
	<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
		<section class="plate">
			<div class="flex flex-wrap items-center justify-between gap-3">
				<h1>{dish.name}</h1>
				<div class="flex gap-2">
					<Press onclick={() => (editing = true)}>{w.menuOne.change}</Press>
					<form method="POST" action="?/remove" use:enhance>
						<Press type="submit">{w.menuOne.takeItOffThe}</Press>
					</form>
				</div>
			</div>
			<p class="quiet">
				{w.menuOne.servings(dish.servings, kindWords[dish.kind].name.toLowerCase())}
				<Word tone={dish.state === 'raw' ? 'caution' : 'cold'} text={dish.state} />
			</p>
			<LinesTable lines={dish.lines} habit={data.habit} />
			{#if dish.method}<p class="mt-3 whitespace-pre-line">{dish.method}</p>{/if}
		</section>
		<div class="grid content-start gap-5">
			<section class="plate grid gap-2">
				<h2>{w.menuOne.whatFollowsFromIt}</h2>
				<p>
					{w.menuOne.core}
					<Why
						note={{
							title: w.menuOne.coreTemperature,
							rule: w.menuOne.theHighestOfWhat,
							inputs: [{ name: w.menuOne.countsAs, value: coreWords[facts.core] }],
							sources: ['core-temperatures']
						}}><b>{tempText(facts.coreC, data.habit)}</b></Why
					>
					<span class="quiet">({coreWords[facts.core]})</span>
				</p>
				<p>
					{w.menuOne.contains}
					<b>{facts.allergens.length ? facts.allergens.join(', ') : w.menuOne.noneOfTheNamed}</b><br
					/>
					<span class="quiet">{w.menuOne.readFromTheLines}</span>
				</p>
				<p>
					<Why
						note={{
							title: w.menuOne.composition,
							rule:
								facts.compositionFrom === 'lines' ? w.menuOne.theSumOfIts : w.menuOne.tooFewOfIts,
							inputs: [
								{ name: w.menuOne.linesWithKnownWeight, value: percent(facts.known01) },
								...Object.entries(facts.food.composition).map(([name, part]) => ({
									name,
									value: percent(part)
								}))
							],
							sources: ['item-composition', 'food-data-household', 'choi-okos-1986']
						}}
						>{facts.compositionFrom === 'lines'
							? w.menuOne.compositionFromItsLines
							: w.menuOne.compositionOfAUsual(kindWords[dish.kind].name.toLowerCase())}</Why
					>{#if facts.packedKg > 0}{w.menuOne.about} <b>{massText(facts.packedKg, data.habit)}</b>
						{w.menuOne.toFreeze}{/if}
				</p>
				{#if dish.instruction}
					<p>
						{w.menuOne.itsRecipe(methodText(dish.instruction.method, data.habit))}
						<b>{rangeText(dish.instruction.minutes.from, dish.instruction.minutes.to)}</b>, {dish
							.instruction.state}
					</p>
				{:else}
					<p>{w.menuOne.noCookingInstructionTimes}</p>
				{/if}
				{#if dish.addOnDay}<p>{w.menuOne.onTheDay(dish.addOnDay)}</p>{/if}
			</section>
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
					<p class="quiet">{w.menuOne.meatThatIsOnly}</p>
				{/if}
			</section>
		</div>
	</div>
{/if}
