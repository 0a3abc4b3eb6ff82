<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import { applianceNames } from '$lib/core/appliances';
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

<section class="plate grid content-start gap-3 lg:col-span-2">
	<h2>{w.applianceFields.owned}</h2>
	<div class="owned">
		{#each applianceNames as name (name)}
			<label class="tick"
				><input
					type="checkbox"
					name="owned-{name}"
					checked={typed[`owned-${name}`] === 'on'}
					onchange={({ currentTarget }) =>
						(typed[`owned-${name}`] = currentTarget.checked ? 'on' : '')}
				/>
				{w.appliances[name].name}</label
			>
		{/each}
	</div>
	{#if errors['owned-slow-cooker']}
		<p class="entry-error" role="alert">{errors['owned-slow-cooker']}</p>
	{/if}
	<div class="grid gap-4 sm:grid-cols-3">
		{#if typed['owned-microwave'] === 'on'}
			<Field
				name="microwaveW"
				label={w.applianceFields.microwaveW}
				hint={w.applianceFields.microwaveHint}
			/>
		{/if}
		{#if typed['owned-hob'] === 'on'}
			<Field name="boilL" label={w.applianceFields.boilL} hint={w.applianceFields.boilHint} />
			<Field
				name="boilMin"
				label={w.applianceFields.boilMin}
				hint={w.applianceFields.boilMinHint}
			/>
		{/if}
	</div>
</section>
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

<style>
	.owned {
		display: flex;
		flex-wrap: wrap;
		gap: 0 26px;
	}
</style>
