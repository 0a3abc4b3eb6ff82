<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { airPressureKPa, boilingC } from '$lib/core';
	import { tempText } from '$lib/present/units';
	import { placeWords } from '$lib/present/wording/codes/words';
	import { startPlaces, vesselKinds } from '$lib/schemas/choices';
	import { unitHint } from '$lib/schemas/quantity-text';
	import { checked } from '$lib/ui/kit/checked';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import WaysTable from '$lib/ui/cool/WaysTable.svelte';
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
	const compared = $derived(form && 'compared' in form ? form.compared : null);
	const boils = $derived(tempText(boilingC(airPressureKPa(data.house.altitudeM)), data.habit));
	const length = $derived(unitHint('length', data.habit));
	const vesselName = {
		pot: w.coolNew.vesselPot,
		dish: w.coolNew.vesselDish,
		tray: w.coolNew.vesselTray
	};
	formScope({ typed: () => typed, errors: () => errors });
</script>

<svelte:head><title>{w.coolNew.pageTitle}</title></svelte:head>

<PageHead title={w.coolNew.heading}>
	<Press type="submit" form="cooling" formaction="?/compare" look="quiet" disabled={busy}
		>{busy ? w.gates.comparing : w.gates.compare}</Press
	>
	<Press type="submit" form="cooling" first disabled={busy}
		>{busy ? w.coolNew.forecasting : w.coolNew.submit}</Press
	>
</PageHead>
{#if Object.keys(errors).length > 0}
	<p class="entry-error mb-2" role="alert">{w.coolNew.notStarted}</p>
{/if}
<form
	id="cooling"
	method="POST"
	action="?/start"
	class="plate grid gap-x-10 gap-y-4 lg:grid-cols-2"
	novalidate
	use:enhance={checked(
		async () => (await import('$lib/schemas/cooling')).coolingSchema(data.habit),
		(found) => (errors = found),
		{ busy: (at) => (busy = at) }
	)}
>
	<section class="grid content-start gap-3">
		<h2>{w.coolNew.foodPart}</h2>
		{#if data.dishes.length > 0}
			<Choice
				name="dishId"
				label={w.coolNew.dish}
				placeholder={w.coolNew.somethingElse}
				items={data.dishes.map((dish) => ({ value: String(dish.id), name: dish.name }))}
				onchange={() => {
					typed.name =
						data.dishes.find((dish) => String(dish.id) === typed.dishId)?.name ?? typed.name;
				}}
			/>
		{/if}
		<Field name="name" label={w.coolNew.name} />
		<Field
			name="startC"
			label={w.coolNew.startTemp}
			hint={w.coolNew.startTempHint({ unit: unitHint('temperature', data.habit), boils })}
			inputmode="decimal"
		/>
	</section>
	<section class="grid content-start gap-3">
		<h2>{w.coolNew.vesselPart}</h2>
		<Choice
			name="vessel"
			label={w.coolNew.vessel}
			items={vesselKinds.map((kind) => ({ value: kind, name: vesselName[kind] }))}
		/>
		<div class="grid grid-cols-2 gap-4">
			<Field
				name="lengthM"
				label={typed.vessel === 'pot' ? w.coolNew.diameter : w.coolNew.length}
				hint={length}
			/>
			{#if typed.vessel !== 'pot'}
				<Field name="widthM" label={w.coolNew.width} hint={length} />
			{/if}
		</div>
		<div class="grid grid-cols-2 gap-4">
			<Field name="depthM" label={w.coolNew.depth} hint={w.coolNew.depthHint({ unit: length })} />
			<Field name="volumeL" label={w.coolNew.amount} hint={unitHint('volume', data.habit)} />
		</div>
		<div class="grid grid-cols-2 gap-4">
			<Choice
				name="place"
				label={w.coolNew.place}
				items={startPlaces.map((place) => ({ value: place, name: placeWords[place] }))}
			/>
			{#if typed.place === 'ice-bath'}
				<Field name="iceKg" label={w.coolNew.ice} hint={w.coolNew.iceHint} />
			{/if}
		</div>
		<div class="flex flex-wrap gap-6">
			<label class="tick"><input type="checkbox" name="lid" /> {w.coolNew.lidOn}</label>
			<label class="tick"><input type="checkbox" name="stirred" /> {w.coolNew.stirredOften}</label>
		</div>
		<p class="quiet">{w.coolNew.refrigeratorHint}</p>
	</section>
</form>

{#if compared}
	<WaysTable
		ways={compared.ways}
		proposed={compared.proposed}
		refrigeratorL={compared.refrigeratorL}
		refrigeratorC={data.house.refrigeratorC}
		typed={form?.typed ?? {}}
		habit={data.habit}
	/>
{/if}
