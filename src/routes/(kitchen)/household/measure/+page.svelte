<script lang="ts">
	import { enhance } from '$app/forms';
	import { enoughCooks } from '$lib/core/learning';
	import { paceSeen } from '$lib/present/learn-words';
	import { tempText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import { unitHint } from '$lib/schemas/quantity-text';
	import { checked } from '$lib/ui/kit/checked';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import { typedForm } from '$lib/ui/kit/typed-form.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, Record<string, string>>>(
		form && 'errors' in form && form.errors ? { [form.part]: form.errors } : {}
	);
	const show = (part: string) => (found: Record<string, string>) => (errors = { [part]: found });
	const us = $derived(data.habit.system === 'us');
	const water = $derived(us ? '2 qt' : '2 L');
	const cold = $derived(tempText(15, data.habit));
	const slow = typedForm(() => ({ waterL: water, startC: cold, afterMin: '3 h', waterC: '' }));
	const pressure = typedForm(() => ({
		waterL: us ? '1 qt' : '1 L',
		startC: cold,
		comeUpMin: ''
	}));
	const oven = typedForm(() => ({ setC: tempText(180, data.habit), trueC: '' }));
	const degrees = $derived(unitHint('temperature', data.habit));
	const { slowCooker, pressureCooker } = $derived(data.house);
	const offset = $derived(kelvinText(data.house.oven.offsetK ?? 0));

	/** A difference of temperatures in the household's degrees, signed. */
	function kelvinText(kelvin: number): string {
		const shown = Math.round(data.habit.temperature === 'f' ? kelvin * 1.8 : kelvin);
		return `${shown > 0 ? '+' : '−'}${Math.abs(shown)} ${degrees}`;
	}
</script>

<svelte:head><title>{w.measure.pageTitle}</title></svelte:head>

<PageHead title={w.measure.title} />
<p class="mb-4">{w.measure.why} <span class="quiet">{w.measure.newPacks}</span></p>

{#await data.paces}
	<p class="quiet mb-4" role="status">{w.measure.reading}</p>
{:then paces}
	{@const seen = paces.flatMap(({ appliance, pace }) => (pace ? [{ appliance, pace }] : []))}
	{#if seen.length > 0}
		<section class="mb-5 grid gap-1">
			<h2>{w.measure.learned}</h2>
			<ul>
				{#each seen as { appliance, pace } (appliance)}
					<li>{paceSeen(appliance, pace)}</li>
				{/each}
			</ul>
			<p class="quiet">
				{w.measure.learnedHow({ least: enoughCooks })}
				<a href="/learn">{w.measure.toLearn}</a>
			</p>
		</section>
	{:else}
		<p class="quiet mb-4">{w.measure.learnedNone}</p>
	{/if}
{:catch}
	<p role="alert" class="mb-4">{w.learn.failed}</p>
{/await}

{#snippet known(measured: boolean | undefined, found: string)}
	<p>
		{#if measured}<Word tone="good" text={w.measure.measured} /> {found}{:else}<span class="quiet"
				>{w.measure.notMeasured}</span
			>{/if}
	</p>
{/snippet}

<div class="grid gap-5 lg:grid-cols-3">
	<form
		method="POST"
		action="?/slow"
		class="plate grid content-start gap-4"
		novalidate
		use:enhance={checked(
			async () => (await import('$lib/schemas/measure')).waterTestSchema(data.habit),
			show('slow')
		)}
	>
		<h2>{w.measure.slowCooker}</h2>
		<p>{w.measure.slowHow}</p>
		<div class="grid grid-cols-2 gap-4">
			<Field
				name="waterL"
				label={w.measure.water}
				bind:value={slow.texts.waterL}
				error={errors.slow?.waterL}
			/>
			<Field
				name="startC"
				label={w.measure.waterStart}
				bind:value={slow.texts.startC}
				error={errors.slow?.startC}
			/>
			<Field
				name="afterMin"
				label={w.measure.hours}
				bind:value={slow.texts.afterMin}
				error={errors.slow?.afterMin}
			/>
			<Field
				name="waterC"
				label={w.measure.waterNow}
				bind:value={slow.texts.waterC}
				error={errors.slow?.waterC}
				hint={degrees}
			/>
		</div>
		<div><Press type="submit" first>{w.measure.useIt}</Press></div>
		{@render known(
			slowCooker.measured,
			w.measure.slowFound({ low: slowCooker.effectiveLowW, usual: Math.round(data.usualLowW) })
		)}
	</form>
	<form
		method="POST"
		action="?/pressure"
		class="plate grid content-start gap-4"
		novalidate
		use:enhance={checked(
			async () => (await import('$lib/schemas/measure')).comeUpSchema(data.habit),
			show('pressure')
		)}
	>
		<h2>{w.measure.pressureCooker}</h2>
		<p>{w.measure.pressureHow}</p>
		<div class="grid grid-cols-2 gap-4">
			<Field
				id="pressure-water"
				name="waterL"
				label={w.measure.water}
				bind:value={pressure.texts.waterL}
				error={errors.pressure?.waterL}
			/>
			<Field
				id="pressure-start"
				name="startC"
				label={w.measure.waterStart}
				bind:value={pressure.texts.startC}
				error={errors.pressure?.startC}
			/>
		</div>
		<Field
			name="comeUpMin"
			label={w.measure.comeUp}
			bind:value={pressure.texts.comeUpMin}
			error={errors.pressure?.comeUpMin}
			hint={unitHint('minutes', data.habit)}
		/>
		<div><Press type="submit" first>{w.measure.useIt}</Press></div>
		{@render known(
			pressureCooker.measured,
			w.measure.pressureFound({ power: pressureCooker.powerW })
		)}
	</form>
	<form
		method="POST"
		action="?/oven"
		class="plate grid content-start gap-4"
		novalidate
		use:enhance={checked(
			async () => (await import('$lib/schemas/measure')).ovenAirSchema(data.habit),
			show('oven')
		)}
	>
		<h2>{w.measure.oven}</h2>
		<p>{w.measure.ovenHow}</p>
		<div class="grid grid-cols-2 gap-4">
			<Field
				name="setC"
				label={w.measure.ovenSet}
				bind:value={oven.texts.setC}
				error={errors.oven?.setC}
			/>
			<Field
				name="trueC"
				label={w.measure.ovenTrue}
				bind:value={oven.texts.trueC}
				error={errors.oven?.trueC}
				hint={degrees}
			/>
		</div>
		<label class="tick"
			><input type="checkbox" name="fan" checked={data.house.oven.fan} />
			{w.measure.ovenFan}</label
		>
		<div><Press type="submit" first>{w.measure.useIt}</Press></div>
		{@render known(
			data.house.oven.measured,
			data.house.oven.offsetK ? w.measure.ovenFound({ offset }) : w.measure.ovenSame
		)}
	</form>
</div>
