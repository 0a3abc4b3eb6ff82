<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import { airPressureKPa, boilingC } from '$lib/core';
	import { chosenHabit } from '$lib/present/chosen-habit';
	import { currencies } from '$lib/present/money';
	import type { Habit } from '$lib/present/habit';
	import { altitudeText, tempText } from '$lib/present/units';
	import { quantityFromText, unitHint } from '$lib/schemas/quantity-text';
	import type { Snippet } from 'svelte';
	import Choice from '../kit/Choice.svelte';
	import Field from '../kit/Field.svelte';

	let {
		typed = $bindable(),
		errors,
		habit,
		children
	}: {
		typed: Record<string, string>;
		errors: Record<string, string>;
		habit: Habit;
		/** what stands under the kitchen */
		children?: Snippet;
	} = $props();

	/** What is usual with a system of units, taken over when it is chosen. */
	const usual = {
		metric: { temperature: 'c', clock: '24', dayOrder: 'dmy' },
		us: { temperature: 'f', clock: '12', dayOrder: 'mdy' }
	} as const;
	/** what is typed is meant as it is chosen above */
	const chosen = $derived(chosenHabit(typed, habit));
	/** what the fields meant before the choice was changed */
	// svelte-ignore state_referenced_locally
	let meant = chosen;
	/** Amounts that stand there are written anew as they are shown from now on. */
	function rewrite(): void {
		const again = (
			name: string,
			dimension: 'altitude' | 'temperature',
			text: (value: number, habit: Habit) => string
		) => {
			const value = quantityFromText(typed[name] ?? '', dimension, meant);
			if (Number.isFinite(value)) typed[name] = text(value, chosen);
		};
		again('altitudeM', 'altitude', altitudeText);
		again('roomC', 'temperature', tempText);
		again('refrigeratorC', 'temperature', tempText);
		meant = chosen;
	}
	const altitudeM = $derived(quantityFromText(typed.altitudeM ?? '', 'altitude', chosen));
	const boils = $derived(
		altitudeM >= -400 && altitudeM <= 5000
			? tempText(boilingC(airPressureKPa(altitudeM)), chosen)
			: null
	);
	formScope({ typed: () => typed, errors: () => errors });
</script>

<section class="plate grid content-start gap-4">
	<h2>{w.kitchenFields.habitPart}</h2>
	<div class="grid grid-cols-2 gap-4">
		<Choice
			name="system"
			label={w.kitchenFields.units}
			items={[
				{ value: 'metric', name: w.kitchenFields.metric },
				{ value: 'us', name: w.kitchenFields.us }
			]}
			onchange={() => {
				Object.assign(typed, usual[typed.system as keyof typeof usual]);
				rewrite();
			}}
		/>
		<Choice
			name="temperature"
			label={w.kitchenFields.temperature}
			items={[
				{ value: 'c', name: '°C' },
				{ value: 'f', name: '°F' }
			]}
			onchange={rewrite}
		/>
		<Choice
			name="clock"
			label={w.kitchenFields.clock}
			items={[
				{ value: '24', name: '18:30' },
				{ value: '12', name: w.kitchenFields.clock12 }
			]}
		/>
		<Choice
			name="dayOrder"
			label={w.kitchenFields.dates}
			items={[
				{ value: 'dmy', name: w.kitchenFields.dayFirst },
				{ value: 'mdy', name: w.kitchenFields.monthFirst },
				{ value: 'ymd', name: '2026-10-14' }
			]}
		/>
	</div>
	<Choice
		name="currency"
		label={w.kitchenFields.currency}
		placeholder=""
		items={[{ value: '', name: w.kitchenFields.noCurrency }, ...currencies()]}
	/>
	<Field name="timeZone" label={w.kitchenFields.timeZone} hint={w.kitchenFields.timeZoneHint} />
	<p class="quiet">{w.kitchenFields.habitHint}</p>
</section>
<div class="grid content-start gap-4">
	<section class="plate grid content-start gap-4">
		<h2>{w.kitchenFields.kitchenPart}</h2>
		<Field
			name="altitudeM"
			label={w.kitchenFields.altitude}
			hint="{unitHint('altitude', chosen)}{boils ? w.kitchenFields.boilsAt({ tempC: boils }) : ''}"
		/>
		<div class="grid grid-cols-2 gap-4">
			<Field name="roomC" label={w.kitchenFields.kitchen} hint={w.kitchenFields.kitchenHint} />
			<Field
				name="refrigeratorC"
				label={w.kitchenFields.refrigerator}
				hint={w.kitchenFields.refrigeratorHint}
			/>
		</div>
	</section>
	{@render children?.()}
</div>
