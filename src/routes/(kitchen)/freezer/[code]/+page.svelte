<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { dayText, instantText, thawingText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { containerText, coreWords } from '$lib/present/wording/codes/words';
	import { packCurves, thawingRange } from '$lib/core/freezing';
	import Plot from '$lib/ui/charts/Plot.svelte';
	import { packPlot } from '$lib/ui/charts/pack-plot';
	import BestBy from '$lib/ui/pack/BestBy.svelte';
	import PackOtherwise from '$lib/ui/freezer/PackOtherwise.svelte';
	import PullClock from '$lib/ui/freezer/PullClock.svelte';
	import PullOut from '$lib/ui/freezer/PullOut.svelte';
	import CookIcon from '@lucide/svelte/icons/utensils';
	import { bestByWord } from '$lib/present/best-by-word';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
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

<PageHead title={pack.name}>
	{#snippet picture()}
		<Slab thicknessM={own.block.thicknessM} lengthM={own.block.lengthM} habit={data.habit} />
	{/snippet}
	{#snippet under()}
		{w.freezerOne.contents({ servings: own.servings, mass: massText(own.massKg, data.habit) })}
		<Word tone={packing.state === 'raw' ? 'caution' : 'cold'} text={packing.state} />
		{w.freezerOne.packLine({
			number: pack.number,
			of: pack.of,
			container: containerText(packing.container, data.habit),
			thickness: lengthText(own.block.thicknessM, data.habit)
		})}
	{/snippet}
	{#snippet middle()}
		<span class="tape text-xl font-bold tracking-widest">{pack.code}</span>
	{/snippet}

	<Press href="/labels?codes={pack.code}" look="quiet">{w.freezerOne.itsLabel}</Press>
	{#if (pack.status === 'frozen' || pack.status === 'thawing') && data.cookable}
		<Press href="/table/{pack.code}" first
			><CookIcon size={18} aria-hidden="true" />{w.freezerOne.cookCard}</Press
		>
	{/if}
</PageHead>
<div class="screen">
	<div class="grid gap-4">
		<div class="figures">
			<p>
				<span class="quiet">{w.pack.bestBy}</span><br />
				<span class="big"
					><BestBy
						packedOn={packing.packedOn}
						storage={packing.storage}
						now={pack.bestBy}
						lostDays={pack.lostDays}
						habit={data.habit}
					/></span
				><br />
				<Word {...bestByWord(pack.bestBy, data.today)} />
			</p>
			<p>
				<span class="quiet">{w.packOne.liesIn}</span><br />
				<b class="place">{pack.shelf}</b><br />
				<span class="quiet">{pack.freezer}</span>
			</p>
			<p>
				<span class="quiet">{w.menuOne.core}</span><br />
				<b class="big">{tempText(packing.coreC, data.habit)}</b><br />
				<span class="quiet">{coreWords[packing.core]}</span>
			</p>
		</div>
		<p>
			{packing.dayKnown === 'unknown'
				? w.freezerOne.dayUnknown
				: packing.dayKnown === 'about'
					? w.freezerOne.packedAbout({ day: dayText(packing.packedOn, data.habit) })
					: w.freezerOne.packedOn({ day: dayText(packing.packedOn, data.habit) })}
			{#if pack.lostDays > 0}
				<b>{w.freezerOne.lostDays({ days: pack.lostDays })}</b>
			{/if}
			{#if packing.boughtOn}{w.freezerOne.boughtOn({
					day: dayText(packing.boughtOn, data.habit)
				})}{/if}
			{#if packing.cookedOn}{w.freezerOne.cookedOn({
					day: dayText(packing.cookedOn, data.habit)
				})}{/if}
			{#if packing.thawedBefore}<b>{w.freezerOne.thawedBefore}</b>{/if}
		</p>
		{#if packing.allergens.length > 0 || !packing.allergensKnown}
			<p>
				{#if packing.allergens.length > 0}{w.freezerOne.contains({
						allergens: packing.allergens.join(', ')
					})}{/if}
				{#if !packing.allergensKnown}<b>{w.freezerOne.notAllKnown}</b>{/if}
			</p>
		{/if}
		{#if pack.addOnDay}<p>{w.freezerOne.onTheDay({ amounts: pack.addOnDay })}</p>{/if}
		{#if data.curves}
			<section class="plate grid gap-1">
				<h2>{w.packChart.title}</h2>
				{#if lines.length > 0}
					<Plot
						plot={packPlot({ lines, durationMin, habit: data.habit })}
						label={lines.map((line) => line.name).join(', ')}
						heightPx={210}
					/>
				{/if}
				<p class="quiet">{w.packChart.single}</p>
			</section>
		{/if}
	</div>
	<div class="grid gap-4">
		{#if pack.status === 'thawing' && data.pull}
			<section class="plate wants-caution">
				<PullClock {pack} pull={data.pull} refreeze={data.refreeze} habit={data.habit} />
			</section>
		{/if}
		{#if pack.status === 'frozen' || pack.status === 'thawing'}
			{#if !data.cookable}
				{#if data.cardComes}<p class="quiet" role="status">{w.freezerOne.cardComes}</p>
				{:else}<p class="quiet">{w.freezerOne.noCard}</p>{/if}
			{/if}
			{#if pack.status === 'frozen'}<PullOut {pack} />{/if}
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
									{
										name: w.freezerOne.refrigerator,
										value: tempText(data.refrigeratorC, data.habit)
									}
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
			<Cautions codes={data.cautions} habit={data.habit} />
			<form method="POST" action="?/cooked" use:enhance>
				<input type="hidden" name="version" value={pack.version} />
				<Press type="submit" look="quiet">{w.freezerOne.markCooked}</Press>
			</form>
		{/if}
		{#if pack.status === 'frozen'}<PackOtherwise
				{pack}
				shelves={data.shelves}
				servings={own.servings}
			/>{/if}
		<section>
			<h2>{w.freezerOne.history}</h2>
			<ol class="history">
				{#each data.history as event (event.id)}
					<li>
						<span class="quiet">{instantText(event.atMs, data.habit)}</span><br />
						{w.packDeeds.history[event.kind]}{event.detail ? `: ${event.detail}` : ''}
					</li>
				{/each}
			</ol>
		</section>
	</div>
</div>

<style>
	.screen {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 400px;
		gap: 20px 28px;
		align-items: start;
	}
	.figures {
		display: flex;
		flex-wrap: wrap;
		gap: 12px 40px;
	}
	.big {
		font-size: 30px;
		line-height: 1.2;
	}
	.place {
		font-size: 22px;
		line-height: 1.6;
	}
	.history {
		margin-top: 4px;
		border-left: 2px solid var(--rim);
	}
	.history li {
		position: relative;
		padding: 4px 0 4px 18px;
	}
	.history li::before {
		content: '';
		position: absolute;
		left: -6px;
		top: 11px;
		width: 10px;
		height: 10px;
		border: 2px solid var(--rim);
		border-radius: 50%;
		background: var(--frost);
	}
	@media (max-width: 1023px) {
		.screen {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
