<script lang="ts">
	import { enhance } from '$app/forms';
	import { airPressureKPa, boilingC } from '$lib/core';
	import { tempText } from '$lib/present/units';
	import { placeWords } from '$lib/present/words';
	import { coolingSchema, startPlaces, vesselKinds } from '$lib/schemas/cooling';
	import { unitHint } from '$lib/schemas/quantity-text';
	import { checked } from '$lib/ui/checked';
	import Choice from '$lib/ui/Choice.svelte';
	import Field from '$lib/ui/Field.svelte';
	import Press from '$lib/ui/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	let typed = $state<Record<string, string>>(
		form?.typed ?? {
			dishId: data.dishId,
			name: data.dishes.find((dish) => String(dish.id) === data.dishId)?.name ?? '',
			vessel: 'pot',
			place: 'counter'
		}
	);
	let errors = $derived<Record<string, string>>(form?.errors ?? {});
	let busy = $state(false);
	const boils = $derived(tempText(boilingC(airPressureKPa(data.house.altitudeM)), data.habit));
	const length = $derived(unitHint('length', data.habit));
	const vesselName = {
		pot: 'pot or bowl, round',
		dish: 'dish, four corners',
		tray: 'tray, spread thin'
	};
</script>

<svelte:head><title>Start cooling · Almacen</title></svelte:head>

<h1 class="mb-4">What is hot?</h1>
<form
	method="POST"
	class="grid gap-5 lg:grid-cols-2"
	novalidate
	use:enhance={checked(
		() => coolingSchema(data.habit),
		(found) => (errors = found),
		{ busy: (at) => (busy = at) }
	)}
>
	<section class="plate grid content-start gap-4">
		<h2>The food</h2>
		{#if data.dishes.length > 0}
			<Choice
				name="dishId"
				label="Dish"
				bind:value={typed.dishId}
				placeholder="something else"
				items={data.dishes.map((dish) => ({ value: String(dish.id), name: dish.name }))}
				onchange={() => {
					typed.name =
						data.dishes.find((dish) => String(dish.id) === typed.dishId)?.name ?? typed.name;
				}}
			/>
		{/if}
		<Field name="name" label="What is cooling" bind:value={typed.name} error={errors.name} />
		<Field
			name="startC"
			label="Temperature now"
			bind:value={typed.startC}
			error={errors.startC}
			hint="{unitHint('temperature', data.habit)}; just off the boil it is {boils} here"
			inputmode="decimal"
		/>
	</section>
	<section class="plate grid content-start gap-4">
		<h2>The vessel</h2>
		<Choice
			name="vessel"
			label="Vessel"
			bind:value={typed.vessel}
			error={errors.vessel}
			items={vesselKinds.map((kind) => ({ value: kind, name: vesselName[kind] }))}
		/>
		<div class="grid grid-cols-2 gap-4">
			<Field
				name="lengthM"
				label={typed.vessel === 'pot' ? 'Diameter inside' : 'Length inside'}
				bind:value={typed.lengthM}
				error={errors.lengthM}
				hint={length}
			/>
			{#if typed.vessel !== 'pot'}
				<Field
					name="widthM"
					label="Width inside"
					bind:value={typed.widthM}
					error={errors.widthM}
					hint={length}
				/>
			{/if}
		</div>
		<div class="grid grid-cols-2 gap-4">
			<Field
				name="depthM"
				label="Depth of the food"
				bind:value={typed.depthM}
				error={errors.depthM}
				hint="{length}; or give the amount"
			/>
			<Field
				name="volumeL"
				label="or its amount"
				bind:value={typed.volumeL}
				error={errors.volumeL}
				hint={unitHint('volume', data.habit)}
			/>
		</div>
		<div class="grid grid-cols-2 gap-4">
			<Choice
				name="place"
				label="Stands in or on"
				bind:value={typed.place}
				error={errors.place}
				items={startPlaces.map((place) => ({ value: place, name: placeWords[place] }))}
			/>
			{#if typed.place === 'ice-bath'}
				<Field
					name="iceKg"
					label="Ice in it"
					bind:value={typed.iceKg}
					error={errors.iceKg}
					hint="empty: kept icy"
				/>
			{/if}
		</div>
		<div class="flex flex-wrap gap-6">
			<label class="tick"><input type="checkbox" name="lid" /> lid on</label>
			<label class="tick"><input type="checkbox" name="stirred" /> stirred often</label>
		</div>
		<div>
			<Press type="submit" first disabled={busy}>{busy ? 'Forecasting…' : 'Start the clock'}</Press>
		</div>
		{#if Object.keys(errors).length > 0}
			<p class="entry-error" role="alert">Not started yet: see the marked fields.</p>
		{/if}
		<p class="quiet">
			Nothing hot goes into a refrigerator deeper than a hand’s width: it warms what is beside it.
		</p>
	</section>
</form>
