<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import type { Habit } from '$lib/present/habit';
	import { unitHint } from '$lib/schemas/quantity-text';
	import Field from '../kit/Field.svelte';
	import BowlFields from './BowlFields.svelte';

	let {
		typed = $bindable(),
		errors,
		habit
	}: { typed: Record<string, string>; errors: Record<string, string>; habit: Habit } = $props();
	const volume = $derived(unitHint('volume', habit));
	const length = $derived(unitHint('length', habit));
	formScope({ typed: () => typed, errors: () => errors });
</script>

<section class="plate grid content-start gap-4">
	<h2>{w.applianceFields.slowCooker}</h2>
	<div class="grid gap-4 sm:grid-cols-3">
		<Field name="slowVolumeL" label={w.applianceFields.slowCookerSize} hint={volume} />
		<Field
			name="slowLowW"
			label={w.applianceFields.powerOnLow}
			hint={w.applianceFields.powerLowHint}
		/>
		<Field
			name="slowHighW"
			label={w.applianceFields.powerOnHigh}
			hint={w.applianceFields.powerHighHint}
		/>
	</div>
	<BowlFields prefix="slow" bind:typed {errors} hint={length} />
</section>
<section class="plate grid content-start gap-4">
	<h2>{w.applianceFields.pressureCooker}</h2>
	<div class="grid gap-4 sm:grid-cols-2">
		<Field name="pressureVolumeL" label={w.applianceFields.pressureCookerSize} hint={volume} />
		<Field
			name="pressurePowerW"
			label={w.applianceFields.pressurePower}
			hint={w.applianceFields.pressurePowerHint}
		/>
	</div>
	<BowlFields prefix="pressure" bind:typed {errors} hint={length} />
</section>
<section class="plate grid content-start gap-4">
	<h2>{w.applianceFields.oven}</h2>
	<Field
		name="ovenPreheatMin"
		label={w.applianceFields.preheat}
		hint={w.applianceFields.preheatHint}
	/>
</section>
