<script lang="ts">
	import { w } from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { dayText, durationText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { containerText, coreWords } from '$lib/present/words';
	import { packCurves } from '$lib/core/freezing/pack-curves';
	import Drawn from '$lib/ui/charts/Drawn.svelte';
	import { packChart } from '$lib/ui/charts/pack-chart';
	import BestBy from '$lib/ui/BestBy.svelte';
	import PackOtherwise from '$lib/ui/PackOtherwise.svelte';
	import Press from '$lib/ui/Press.svelte';
	import Slab from '$lib/ui/Slab.svelte';
	import CookedNote from '$lib/ui/CookedNote.svelte';
	import Why from '$lib/ui/Why.svelte';
	import Word from '$lib/ui/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const pack = $derived(data.pack);
	const packing = $derived(pack.packing);
	const thaw = $derived(data.thaw.refrigerator);
	/** Warm as it comes out of the refrigerator; a day and a half shows the slowest of the three. */
	const packedC = 5;
	const durationMin = 36 * 60;
	let curves = $state.raw<ReturnType<typeof packCurves> | null>(null);
	$effect(() => {
		curves = packCurves({ ...data.curves, startC: packedC, durationMin });
	});
	const lines = $derived(
		curves
			? [
					{
						name: w.packChart.freezing(tempText(data.curves.freezerC, data.habit)),
						curve: curves.freezing
					},
					{
						name: w.packChart.refrigerator(tempText(data.refrigeratorC, data.habit)),
						curve: curves.inRefrigerator
					},
					{
						name: w.packChart.water(tempText(data.curves.coldWaterC, data.habit)),
						curve: curves.inColdWater
					}
				]
			: []
	);
</script>

<svelte:head><title>{w.freezerOne.almacen(pack.code, pack.dish.name)}</title></svelte:head>

{#if pack.status !== 'frozen'}<CookedNote {pack} habit={data.habit} />{/if}
{#if form?.message}<p class="entry-error mb-3" role="alert">{form.message}</p>{/if}

<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<section class="plate grid gap-3">
		<div class="flex flex-wrap items-center justify-between gap-3">
			<h1>{pack.dish.name}</h1>
			<span class="tape text-xl font-bold tracking-widest">{pack.code}</span>
		</div>
		<div class="flex flex-wrap items-center gap-4">
			<Slab thicknessM={packing.thicknessM} lengthM={packing.lengthM} habit={data.habit} />
			<p>
				{w.freezerOne.servings(packing.servings, massText(packing.massKg, data.habit))}
				<Word tone={packing.state === 'raw' ? 'caution' : 'cold'} text={packing.state} /><br />
				<span class="quiet">
					{w.freezerOne.packOfThick(
						pack.number,
						pack.of,
						containerText(packing.container, data.habit),
						lengthText(packing.thicknessM, data.habit)
					)}
				</span>
			</p>
		</div>
		<p>
			{w.freezerOne.packedBestBy(dayText(packing.packedOn, data.habit))}
			<BestBy packedOn={packing.packedOn} storage={packing.storage} habit={data.habit} />
		</p>
		<p>{w.freezerOne.liesIn(pack.freezer, pack.shelf)}</p>
		{#if packing.allergens.length > 0}<p>
				{w.freezerOne.contains(packing.allergens.join(', '))}
			</p>{/if}
		{#if pack.dish.addOnDay}<p>{w.freezerOne.onTheDay(pack.dish.addOnDay)}</p>{/if}
		<p class="quiet">
			{w.freezerOne.doneAtInThe(tempText(packing.coreC, data.habit), coreWords[packing.core])}
		</p>
	</section>
	<section class="plate grid content-start gap-3">
		<h2>{w.freezerOne.next}</h2>
		{#if pack.status === 'frozen'}
			<Press href="/table/{pack.code}" first>{w.freezerOne.cookItCardAnd}</Press>
			<form method="POST" action="?/cooked" use:enhance class="grid">
				<Press type="submit">{w.freezerOne.markItCooked}</Press>
			</form>
		{/if}
		<Press href="/pack/{packing.id}">{w.freezerOne.itsLabels}</Press>
		{#if pack.status === 'frozen'}<PackOtherwise {pack} shelves={data.shelves} />{/if}
		<p>
			{w.freezerOne.thawingInTheRefrigerator(tempText(data.refrigeratorC, data.habit))}
			{#if thaw.thawedMin !== null}
				{w.freezerOne.bendsInAboutFree(
					thaw.pliableMin === null ? '–' : durationText(thaw.pliableMin)
				)}
				<Why
					note={{
						title: w.freezerOne.thawing,
						rule: w.freezerOne.untilNoIceIs,
						inputs: [
							{ name: w.freezerOne.thickness, value: lengthText(packing.thicknessM, data.habit) },
							{ name: w.freezerOne.refrigerator, value: tempText(data.refrigeratorC, data.habit) }
						],
						sources: ['appliance-model', 'choi-okos-1986']
					}}><b>{durationText(thaw.thawedMin)}</b></Why
				>.
			{:else}
				{w.freezerOne.itDoesNotThaw}
			{/if}
		</p>
	</section>
</div>
<section class="plate mt-5 grid gap-2">
	<h2>{w.packChart.title}</h2>
	{#if lines.length > 0}
		<Drawn
			draw={packChart}
			input={{ lines, durationMin, habit: data.habit }}
			label={lines.map((line) => line.name).join(', ')}
			heightPx={240}
		/>
	{/if}
	<p class="quiet">{w.packChart.single}</p>
</section>
