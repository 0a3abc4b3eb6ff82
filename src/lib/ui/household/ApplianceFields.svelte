<script lang="ts">
	import type { Habit } from '$lib/present/habit';
	import { unitHint } from '$lib/schemas/quantity-text';
	import Field from '../Field.svelte';
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
	<h2>Slow cooker</h2>
	<div class="grid gap-4 sm:grid-cols-3">
		<Field
			name="slowVolumeL"
			label="Slow cooker holds"
			bind:value={typed.slowVolumeL}
			error={errors.slowVolumeL}
			hint={volume}
		/>
		<Field
			name="slowLowW"
			label="Power on low"
			bind:value={typed.slowLowW}
			error={errors.slowLowW}
			hint="W into the food; empty: as usual for its size"
		/>
		<Field
			name="slowHighW"
			label="Power on high"
			bind:value={typed.slowHighW}
			error={errors.slowHighW}
			hint="W; the plate’s figure is about 1.3 times it"
		/>
	</div>
	<BowlFields prefix="slow" bind:typed {errors} hint={length} />
</section>
<section class="plate grid content-start gap-4">
	<h2>Pressure cooker</h2>
	<div class="grid gap-4 sm:grid-cols-2">
		<Field
			name="pressureVolumeL"
			label="Pressure cooker holds"
			bind:value={typed.pressureVolumeL}
			error={errors.pressureVolumeL}
			hint={volume}
		/>
		<Field
			name="pressurePowerW"
			label="Its power"
			bind:value={typed.pressurePowerW}
			error={errors.pressurePowerW}
			hint="W, on the plate below; empty: 900 W"
		/>
	</div>
	<BowlFields prefix="pressure" bind:typed {errors} hint={length} />
</section>
