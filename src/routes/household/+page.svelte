<script lang="ts">
	import { enhance } from '$app/forms';
	import { airPressureKPa, boilingC } from '$lib/core';
	import { altitudeText, lengthText, tempText, volumeText } from '$lib/present/units';
	import { freezerSchema, householdSchema } from '$lib/schemas/household';
	import { quantityFromText, unitHint } from '$lib/schemas/quantity-text';
	import { checked } from '$lib/ui/checked';
	import Choice from '$lib/ui/Choice.svelte';
	import Field from '$lib/ui/Field.svelte';
	import LongText from '$lib/ui/LongText.svelte';
	import Press from '$lib/ui/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $state<Record<string, string>>({});
	let freezerErrors = $state<Record<string, string>>({});
	$effect(() => {
		const found = form && 'errors' in form && form.errors ? form.errors : {};
		errors = form?.part === 'household' ? found : {};
		freezerErrors = form?.part === 'freezer' ? found : {};
	});

	function fromHouse(): Record<string, string> {
		const { house, habit } = data;
		const bowl = (prefix: string, of: typeof house.slowCooker.bowl) => ({
			[`${prefix}BowlKind`]: of?.kind ?? '',
			[`${prefix}BowlLengthM`]: of ? lengthText(of.lengthM, habit) : '',
			[`${prefix}BowlWidthM`]: of ? lengthText(of.widthM, habit) : '',
			[`${prefix}BowlDepthM`]: of ? lengthText(of.depthM, habit) : ''
		});
		const watts = (value: number | undefined) => (value === undefined ? '' : `${value} W`);
		return {
			system: house.system,
			temperature: house.temperature,
			altitudeM: altitudeText(house.altitudeM, habit),
			roomC: tempText(house.roomC, habit),
			refrigeratorC: tempText(house.refrigeratorC, habit),
			timeZone: house.timeZone,
			houseMonths: house.houseMonths === null ? '' : String(house.houseMonths),
			slowVolumeL: volumeText(house.slowCooker.volumeL, habit),
			slowLowW: watts(house.slowCooker.effectiveLowW),
			slowHighW: watts(house.slowCooker.effectiveHighW),
			...bowl('slow', house.slowCooker.bowl),
			pressureVolumeL: volumeText(house.pressureCooker.volumeL, habit),
			pressurePowerW: watts(house.pressureCooker.powerW),
			...bowl('pressure', house.pressureCooker.bowl)
		};
	}
	let typed = $state(fromHouse());
	let freezer = $state<Record<string, string>>({ setC: '−18 °C' });
	const altitudeM = $derived(quantityFromText(typed.altitudeM, 'altitude', data.habit));
	const boils = $derived(
		altitudeM >= -400 && altitudeM <= 5000
			? tempText(boilingC(airPressureKPa(altitudeM)), data.habit)
			: null
	);
	const bowls = [
		{ value: 'round', name: 'round' },
		{ value: 'oval', name: 'oval' }
	];
	const length = $derived(unitHint('length', data.habit));
</script>

<svelte:head><title>Household · Almacen</title></svelte:head>

<h1 class="mb-4">The household</h1>
<form
	method="POST"
	action="?/save"
	class="grid gap-5 lg:grid-cols-2"
	novalidate
	use:enhance={checked(
		() => householdSchema(data.habit),
		(found) => (errors = found),
		{ saved: () => (typed = fromHouse()) }
	)}
>
	<section class="plate grid content-start gap-4">
		<h2>Kitchen</h2>
		<div class="grid grid-cols-2 gap-4">
			<Choice
				name="system"
				label="Units"
				bind:value={typed.system}
				error={errors.system}
				items={[
					{ value: 'metric', name: 'metric' },
					{ value: 'us', name: 'US customary' }
				]}
			/>
			<Choice
				name="temperature"
				label="Temperature"
				bind:value={typed.temperature}
				error={errors.temperature}
				items={[
					{ value: 'c', name: '°C' },
					{ value: 'f', name: '°F' }
				]}
			/>
		</div>
		<Field
			name="altitudeM"
			label="Altitude"
			bind:value={typed.altitudeM}
			error={errors.altitudeM}
			hint={boils ? `water boils at ${boils} there` : 'sets where water boils'}
		/>
		<div class="grid grid-cols-2 gap-4">
			<Field
				name="roomC"
				label="Kitchen"
				bind:value={typed.roomC}
				error={errors.roomC}
				hint="usual temperature"
			/>
			<Field
				name="refrigeratorC"
				label="Refrigerator"
				bind:value={typed.refrigeratorC}
				error={errors.refrigeratorC}
				hint="a thermometer in a glass of water knows"
			/>
		</div>
		<Field
			name="timeZone"
			label="Time zone"
			bind:value={typed.timeZone}
			error={errors.timeZone}
			hint="Europe/Zurich"
		/>
		<Field
			name="houseMonths"
			label="House rule: months where no figure is published"
			bind:value={typed.houseMonths}
			error={errors.houseMonths}
			hint="for cooked grains and pulses alone, soft dairy; empty: no date is computed"
		/>
	</section>
	<div class="grid content-start gap-5">
		<section class="plate grid gap-4">
			<h2>Slow cooker</h2>
			<div class="grid grid-cols-3 gap-4">
				<Field
					name="slowVolumeL"
					label="Holds"
					bind:value={typed.slowVolumeL}
					error={errors.slowVolumeL}
					hint={unitHint('volume', data.habit)}
				/>
				<Field
					name="slowLowW"
					label="On low"
					bind:value={typed.slowLowW}
					error={errors.slowLowW}
					hint="W, if measured"
				/>
				<Field
					name="slowHighW"
					label="On high"
					bind:value={typed.slowHighW}
					error={errors.slowHighW}
					hint="W, if measured"
				/>
			</div>
			<div class="grid grid-cols-2 gap-4 sm:grid-cols-4">
				<Choice
					name="slowBowlKind"
					label="Bowl"
					bind:value={typed.slowBowlKind}
					error={errors.slowBowlKind}
					items={bowls}
					placeholder="not measured"
				/>
				<Field
					name="slowBowlLengthM"
					label="length"
					bind:value={typed.slowBowlLengthM}
					error={errors.slowBowlLengthM}
					hint={length}
				/>
				<Field
					name="slowBowlWidthM"
					label="width"
					bind:value={typed.slowBowlWidthM}
					error={errors.slowBowlWidthM}
					hint={length}
				/>
				<Field
					name="slowBowlDepthM"
					label="depth"
					bind:value={typed.slowBowlDepthM}
					error={errors.slowBowlDepthM}
					hint={length}
				/>
			</div>
		</section>
		<section class="plate grid gap-4">
			<h2>Pressure cooker</h2>
			<div class="grid grid-cols-3 gap-4">
				<Field
					name="pressureVolumeL"
					label="Holds"
					bind:value={typed.pressureVolumeL}
					error={errors.pressureVolumeL}
					hint={unitHint('volume', data.habit)}
				/>
				<Field
					name="pressurePowerW"
					label="Power"
					bind:value={typed.pressurePowerW}
					error={errors.pressurePowerW}
					hint="W"
				/>
			</div>
			<div class="grid grid-cols-2 gap-4 sm:grid-cols-4">
				<Choice
					name="pressureBowlKind"
					label="Bowl"
					bind:value={typed.pressureBowlKind}
					error={errors.pressureBowlKind}
					items={bowls}
					placeholder="not measured"
				/>
				<Field
					name="pressureBowlLengthM"
					label="length"
					bind:value={typed.pressureBowlLengthM}
					error={errors.pressureBowlLengthM}
					hint={length}
				/>
				<Field
					name="pressureBowlWidthM"
					label="width"
					bind:value={typed.pressureBowlWidthM}
					error={errors.pressureBowlWidthM}
					hint={length}
				/>
				<Field
					name="pressureBowlDepthM"
					label="depth"
					bind:value={typed.pressureBowlDepthM}
					error={errors.pressureBowlDepthM}
					hint={length}
				/>
			</div>
			<div class="flex items-center gap-4">
				<Press type="submit" first>Save the household</Press>
				{#if form?.part === 'household' && 'saved' in form}<span role="status" class="font-semibold"
						>Saved.</span
					>{/if}
			</div>
			<p class="quiet">
				Packs made from now on are computed with this; packs in the freezer keep what their label
				says.
			</p>
		</section>
	</div>
</form>

<div class="mt-5 grid gap-5 lg:grid-cols-2">
	<section class="plate">
		<h2>Freezers</h2>
		{#if data.freezers.length === 0}
			<p class="mt-1">None yet: packs need a place to lie.</p>
		{:else}
			<table class="ledger mt-1">
				<thead><tr><th>freezer</th><th>room</th><th>set to</th><th>shelves</th></tr></thead>
				<tbody>
					{#each data.freezers as box (box.id)}
						<tr>
							<td class="font-bold">{box.name}</td>
							<td>{volumeText(box.volumeL, data.habit)}</td>
							<td>{tempText(box.setC, data.habit)}</td>
							<td>{box.shelves.map((shelf) => shelf.name).join(', ')}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		{/if}
	</section>
	<form
		method="POST"
		action="?/freezer"
		class="plate grid gap-4"
		novalidate
		use:enhance={checked(
			() => freezerSchema(data.habit),
			(found) => (freezerErrors = found),
			{ saved: () => (freezer = { setC: freezer.setC }) }
		)}
	>
		<h2>Add a freezer</h2>
		<div class="grid grid-cols-3 gap-4">
			<Field
				name="name"
				label="Name"
				bind:value={freezer.name}
				error={freezerErrors.name}
				hint="chest freezer"
			/>
			<Field
				name="volumeL"
				label="Room"
				bind:value={freezer.volumeL}
				error={freezerErrors.volumeL}
				hint={unitHint('volume', data.habit)}
			/>
			<Field name="setC" label="Set to" bind:value={freezer.setC} error={freezerErrors.setC} />
		</div>
		<LongText
			name="shelves"
			label="Shelves or baskets, one a line"
			rows={3}
			bind:value={freezer.shelves}
			error={freezerErrors.shelves}
		/>
		<div><Press type="submit">Add the freezer</Press></div>
	</form>
</div>
