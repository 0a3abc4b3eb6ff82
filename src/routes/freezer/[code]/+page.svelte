<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { dayText, instantText, thawingText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { containerText, coreWords } from '$lib/present/wording/codes/words';
	import { thawingRange } from '$lib/core/freezing/thawing-range';
	import { packCurves } from '$lib/core/freezing/pack-curves';
	import Drawn from '$lib/ui/kit/Drawn.svelte';
	import { packChart } from '$lib/ui/charts/pack-chart';
	import BestBy from '$lib/ui/pack/BestBy.svelte';
	import PackOtherwise from '$lib/ui/freezer/PackOtherwise.svelte';
	import PullClock from '$lib/ui/freezer/PullClock.svelte';
	import PullOut from '$lib/ui/freezer/PullOut.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Slab from '$lib/ui/kit/Slab.svelte';
	import Cautions from '$lib/ui/kit/Cautions.svelte';
	import CookedNote from '$lib/ui/freezer/CookedNote.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const pack = $derived(data.pack);
	const packing = $derived(pack.packing);
	const thaw = $derived(data.thaw?.refrigerator ?? null);
	const bends = $derived(thawingRange(thaw?.pliableMin ?? null));
	const thaws = $derived(thawingRange(thaw?.thawedMin ?? null));
	const own = $derived(pack.own);
	/** Warm as it comes out of the refrigerator; a day and a half shows the slowest of the three. */
	const packedC = 5;
	const durationMin = 36 * 60;
	let curves = $state.raw<ReturnType<typeof packCurves> | null>(null);
	$effect(() => {
		curves = data.curves && packCurves({ ...data.curves, startC: packedC, durationMin });
	});
	const lines = $derived(
		curves && data.curves
			? [
					{
						name: w.packChart.freezing({ at: tempText(data.curves.freezerC, data.habit) }),
						curve: curves.freezing
					},
					{
						name: w.packChart.refrigerator({ at: tempText(data.refrigeratorC, data.habit) }),
						curve: curves.inRefrigerator
					},
					{
						name: w.packChart.water({ at: tempText(data.curves.coldWaterC, data.habit) }),
						curve: curves.inColdWater
					}
				]
			: []
	);
</script>

<svelte:head
	><title>{w.freezerOne.pageTitle({ code: pack.code, name: pack.name })}</title></svelte:head
>

{#if pack.status !== 'frozen' && pack.status !== 'thawing'}<CookedNote
		{pack}
		habit={data.habit}
	/>{/if}
{#if form?.message}<p class="entry-error mb-3" role="alert">{form.message}</p>{/if}

<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<section class="plate grid content-start gap-3">
		<div class="flex flex-wrap items-center justify-between gap-3">
			<h1>{pack.name}</h1>
			<span class="tape text-xl font-bold tracking-widest">{pack.code}</span>
		</div>
		<div class="flex flex-wrap items-center gap-4">
			<Slab thicknessM={own.block.thicknessM} lengthM={own.block.lengthM} habit={data.habit} />
			<p>
				{w.freezerOne.contents({ servings: own.servings, mass: massText(own.massKg, data.habit) })}
				<Word tone={packing.state === 'raw' ? 'caution' : 'cold'} text={packing.state} /><br />
				<span class="quiet">
					{w.freezerOne.packLine({
						number: pack.number,
						of: pack.of,
						container: containerText(packing.container, data.habit),
						thickness: lengthText(own.block.thicknessM, data.habit)
					})}
				</span>
			</p>
		</div>
		<p>
			{packing.dayKnown === 'unknown'
				? w.freezerOne.dayUnknown
				: packing.dayKnown === 'about'
					? w.freezerOne.packedAbout({ day: dayText(packing.packedOn, data.habit) })
					: w.freezerOne.packed({ day: dayText(packing.packedOn, data.habit) })}
			<BestBy packedOn={packing.packedOn} storage={packing.storage} habit={data.habit} />
			{#if pack.lostDays > 0}
				<b
					>{w.freezerOne.nowBestBy({
						day: dayText(pack.bestBy ?? '', data.habit),
						days: pack.lostDays
					})}</b
				>
			{/if}
		</p>
		{#if packing.boughtOn || packing.cookedOn}
			<p class="quiet">
				{#if packing.boughtOn}{w.freezerOne.boughtOn({
						day: dayText(packing.boughtOn, data.habit)
					})}{/if}
				{#if packing.cookedOn}{w.freezerOne.cookedOn({
						day: dayText(packing.cookedOn, data.habit)
					})}{/if}
			</p>
		{/if}
		{#if packing.thawedBefore}<p class="font-bold">{w.freezerOne.thawedBefore}</p>{/if}
		<p>{w.freezerOne.liesIn({ freezer: pack.freezer, shelf: pack.shelf })}</p>
		{#if packing.allergens.length > 0}<p>
				{w.freezerOne.contains({ allergens: packing.allergens.join(', ') })}
			</p>{/if}
		{#if !packing.allergensKnown}<p class="font-bold">{w.freezerOne.notAllKnown}</p>{/if}
		{#if pack.addOnDay}<p>{w.freezerOne.onTheDay({ amounts: pack.addOnDay })}</p>{/if}
		<p class="quiet">
			{w.freezerOne.doneAt({
				tempC: tempText(packing.coreC, data.habit),
				why: coreWords[packing.core]
			})}
		</p>
	</section>
	<section class="plate grid content-start gap-3">
		<h2>{w.freezerOne.next}</h2>
		{#if pack.status === 'thawing' && data.pull}
			<PullClock {pack} pull={data.pull} refreeze={data.refreeze} habit={data.habit} />
		{/if}
		{#if pack.status === 'frozen' || pack.status === 'thawing'}
			{#if data.cookable}
				<Press href="/table/{pack.code}" first>{w.freezerOne.cookCard}</Press>
			{:else if data.cardComes}<p class="quiet" role="status">{w.freezerOne.cardComes}</p>
			{:else}<p class="quiet">{w.freezerOne.noCard}</p>{/if}
			{#if pack.status === 'frozen'}<PullOut {pack} />{/if}
			<Cautions codes={data.cautions} habit={data.habit} />
			<form method="POST" action="?/cooked" use:enhance class="grid">
				<input type="hidden" name="version" value={pack.version} />
				<Press type="submit">{w.freezerOne.markCooked}</Press>
			</form>
		{/if}
		<Press href="/labels?codes={pack.code}">{w.freezerOne.itsLabel}</Press>
		{#if pack.status === 'frozen'}<PackOtherwise
				{pack}
				shelves={data.shelves}
				servings={own.servings}
			/>{/if}
		{#if thaw}
			<p>
				{w.freezerOne.thawingAt({ tempC: tempText(data.refrigeratorC, data.habit) })}
				{#if thaws}
					{w.freezerOne.bendsIn({ duration: bends ? thawingText(bends) : '–' })}
					<Why
						note={{
							title: w.freezerOne.thawing,
							rule: w.freezerOne.thawRule,
							inputs: [
								{
									name: w.freezerOne.thickness,
									value: lengthText(own.block.thicknessM, data.habit)
								},
								{ name: w.freezerOne.refrigerator, value: tempText(data.refrigeratorC, data.habit) }
							],
							sources: ['appliance-model', 'choi-okos-1986']
						}}><b>{thawingText(thaws)}</b></Why
					>.
				{:else}
					{w.freezerOne.neverThaws}
				{/if}
				{w.freezerOne.keeps({ days: data.keepsDays })}
			</p>
		{/if}
	</section>
</div>
{#if data.curves}
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
{/if}
<section class="plate mt-5">
	<h2>{w.freezerOne.history}</h2>
	<ol class="mt-2 grid gap-1">
		{#each data.history as event (event.id)}
			<li>
				<span class="quiet">{instantText(event.atMs, data.habit)}</span>
				{w.packDeeds.history[event.kind]}{event.detail ? `: ${event.detail}` : ''}
			</li>
		{/each}
	</ol>
</section>
