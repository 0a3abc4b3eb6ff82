<script lang="ts">
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
</script>

<section class="plate grid content-start gap-4">
	<h2>{w.applianceFields.slowCooker}</h2>
	<div class="grid gap-4 sm:grid-cols-3">
		<Field
			name="slowVolumeL"
			label={w.applianceFields.slowCookerSize}
			bind:value={typed.slowVolumeL}
			error={errors.slowVolumeL}
			hint={volume}
		/>
		<Field
			name="slowLowW"
			label={w.applianceFields.powerOnLow}
			bind:value={typed.slowLowW}
			error={errors.slowLowW}
			hint={w.applianceFields.powerLowHint}
		/>
		<Field
			name="slowHighW"
			label={w.applianceFields.powerOnHigh}
			bind:value={typed.slowHighW}
			error={errors.slowHighW}
			hint={w.applianceFields.powerHighHint}
		/>
	</div>
	<BowlFields prefix="slow" bind:typed {errors} hint={length} />
</section>
<section class="plate grid content-start gap-4">
	<h2>{w.applianceFields.pressureCooker}</h2>
	<div class="grid gap-4 sm:grid-cols-2">
		<Field
			name="pressureVolumeL"
			label={w.applianceFields.pressureCookerSize}
			bind:value={typed.pressureVolumeL}
			error={errors.pressureVolumeL}
			hint={volume}
		/>
		<Field
			name="pressurePowerW"
			label={w.applianceFields.pressurePower}
			bind:value={typed.pressurePowerW}
			error={errors.pressurePowerW}
			hint={w.applianceFields.pressurePowerHint}
		/>
	</div>
	<BowlFields prefix="pressure" bind:typed {errors} hint={length} />
</section>
