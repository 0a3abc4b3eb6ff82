<script lang="ts">
	import { airPressureKPa, boilingC } from '$lib/core';
	import type { Habit } from '$lib/present/habit';
	import { tempText } from '$lib/present/units';
	import { quantityFromText, unitHint } from '$lib/schemas/quantity-text';
	import Choice from '../Choice.svelte';
	import Field from '../Field.svelte';

	let {
		typed = $bindable(),
		errors,
		habit
	}: { typed: Record<string, string>; errors: Record<string, string>; habit: Habit } = $props();

	/** What is usual with a system of units, taken over when it is chosen. */
	const usual = {
		metric: { temperature: 'c', clock: '24', dayOrder: 'dmy' },
		us: { temperature: 'f', clock: '12', dayOrder: 'mdy' }
	} as const;
	const altitudeM = $derived(quantityFromText(typed.altitudeM ?? '', 'altitude', habit));
	const boils = $derived(
		altitudeM >= -400 && altitudeM <= 5000
			? tempText(boilingC(airPressureKPa(altitudeM)), habit)
			: null
	);
</script>

<section class="plate grid content-start gap-4">
	<h2>Amounts, days and clock</h2>
	<div class="grid gap-4 sm:grid-cols-2">
		<Choice
			name="system"
			label="Units"
			bind:value={typed.system}
			error={errors.system}
			items={[
				{ value: 'metric', name: 'grams, litres, centimetres' },
				{ value: 'us', name: 'pounds, cups, inches' }
			]}
			onchange={() => Object.assign(typed, usual[typed.system as keyof typeof usual])}
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
		<Choice
			name="clock"
			label="Clock"
			bind:value={typed.clock}
			error={errors.clock}
			items={[
				{ value: '24', name: '18:30' },
				{ value: '12', name: '6:30 pm' }
			]}
		/>
		<Choice
			name="dayOrder"
			label="Dates"
			bind:value={typed.dayOrder}
			error={errors.dayOrder}
			items={[
				{ value: 'dmy', name: '14 Oct 2026' },
				{ value: 'mdy', name: 'Oct 14, 2026' },
				{ value: 'ymd', name: '2026-10-14' }
			]}
		/>
	</div>
	<Field
		name="timeZone"
		label="Time zone"
		bind:value={typed.timeZone}
		error={errors.timeZone}
		hint="continent and town: Europe/Zurich, America/Denver"
	/>
	<p class="quiet">
		Any field takes either: 1½ lb, 700 g, 2 cups, 350 °F. This is how they are shown.
	</p>
</section>
<section class="plate grid content-start gap-4">
	<h2>The kitchen</h2>
	<Field
		name="altitudeM"
		label="Altitude"
		bind:value={typed.altitudeM}
		error={errors.altitudeM}
		hint="{unitHint('altitude', habit)}{boils ? `; water boils at ${boils} there` : ''}"
	/>
	<div class="grid gap-4 sm:grid-cols-2">
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
</section>
