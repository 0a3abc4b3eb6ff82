<script lang="ts">
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

<svelte:head><title>{dish.name} · Almacen</title></svelte:head>

{#if editing}
	<div class="mb-4 flex items-center justify-between gap-3">
		<h1>{dish.name}</h1>
		<Press onclick={() => (editing = false)}>Leave as it was</Press>
	</div>
	<DishForm
		values={form && 'typed' in form && form.typed ? form.typed : values}
		serverErrors={form && 'errors' in form ? form.errors : undefined}
		habit={data.habit}
		submit="Save the changes"
		action="?/change"
	/>
{:else}
	<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
		<section class="plate">
			<div class="flex flex-wrap items-center justify-between gap-3">
				<h1>{dish.name}</h1>
				<div class="flex gap-2">
					<Press onclick={() => (editing = true)}>Change</Press>
					<form method="POST" action="?/remove" use:enhance>
						<Press type="submit">Take it off the menu</Press>
					</form>
				</div>
			</div>
			<p class="quiet">
				{dish.servings} servings · {kindWords[dish.kind].name.toLowerCase()}
				· <Word tone={dish.state === 'raw' ? 'caution' : 'cold'} text={dish.state} />
			</p>
			<LinesTable lines={dish.lines} habit={data.habit} />
			{#if dish.method}<p class="mt-3 whitespace-pre-line">{dish.method}</p>{/if}
		</section>
		<div class="grid content-start gap-5">
			<section class="plate grid gap-2">
				<h2>What follows from it</h2>
				<p>
					Core <Why
						note={{
							title: 'Core temperature',
							rule: 'The highest of what is in it; a cooked dish counts as leftovers. Measure in the thickest part.',
							inputs: [{ name: 'counts as', value: coreWords[facts.core] }],
							sources: ['core-temperatures']
						}}><b>{tempText(facts.coreC, data.habit)}</b></Why
					>
					<span class="quiet">({coreWords[facts.core]})</span>
				</p>
				<p>
					Contains: <b
						>{facts.allergens.length
							? facts.allergens.join(', ')
							: 'none of the named allergens found'}</b
					><br />
					<span class="quiet">Read from the lines; check the packets.</span>
				</p>
				<p>
					<Why
						note={{
							title: 'Composition',
							rule:
								facts.compositionFrom === 'lines'
									? 'The sum of its frozen lines, by weight. It gives heat capacity, conductivity and freezing.'
									: 'Too few of its lines have a known weight, so a dish of this kind was assumed.',
							inputs: [
								{ name: 'lines with known weight', value: percent(facts.known01) },
								...Object.entries(facts.food.composition).map(([name, part]) => ({
									name,
									value: percent(part)
								}))
							],
							sources: ['item-composition', 'food-data-household', 'choi-okos-1986']
						}}
						>{facts.compositionFrom === 'lines'
							? 'Composition from its lines'
							: `Composition of a usual ${kindWords[dish.kind].name.toLowerCase()}`}</Why
					>{#if facts.packedKg > 0}, about <b>{massText(facts.packedKg, data.habit)}</b> to freeze{/if}
				</p>
				{#if dish.instruction}
					<p>
						Its recipe: {methodText(dish.instruction.method, data.habit)},
						<b>{rangeText(dish.instruction.minutes.from, dish.instruction.minutes.to)}</b>, {dish
							.instruction.state}
					</p>
				{:else}
					<p>No cooking instruction: times come from its kind.</p>
				{/if}
				{#if dish.addOnDay}<p>On the day: {dish.addOnDay}</p>{/if}
			</section>
			<section class="plate grid gap-3">
				<h2>Next</h2>
				<div class="flex flex-wrap gap-3">
					{#if dish.state === 'cooked'}
						<Press href="/cool/new?dish={dish.id}" first>Cool it</Press>
						<Press href="/pack?dish={dish.id}">Pack it</Press>
					{:else}
						<Press href="/pack?dish={dish.id}" first>Pack it</Press>
					{/if}
				</div>
				{#if dish.state === 'raw'}
					<p class="quiet">
						Meat that is only browned may not be frozen: cook it through first, or leave it raw.
					</p>
				{/if}
			</section>
		</div>
	</div>
{/if}
