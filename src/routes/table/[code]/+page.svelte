<script lang="ts">
	import { w } from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { thawingTime } from '$lib/core';
	import { asIf, type AsIf } from '$lib/core/table/as-if';
	import { whenToStart } from '$lib/core/table/when-to-start';
	import { clock } from '$lib/ui/clock.svelte';
	import { dayText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { coreWords, methodText, standingLine } from '$lib/present/words';
	import { cookChart } from '$lib/ui/charts/cook-chart';
	import Drawn from '$lib/ui/charts/Drawn.svelte';
	import { rulerSpanMin } from '$lib/ui/ruler-span';
	import { methodKey, Ways } from '$lib/ui/ways.svelte';
	import WhatIf from '$lib/ui/WhatIf.svelte';
	import CookRuler from '$lib/ui/CookRuler.svelte';
	import CookWay from '$lib/ui/CookWay.svelte';
	import Field from '$lib/ui/Field.svelte';
	import Press from '$lib/ui/Press.svelte';
	import Slab from '$lib/ui/Slab.svelte';
	import CookedNote from '$lib/ui/CookedNote.svelte';
	import Word from '$lib/ui/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const pack = $derived(data.pack);
	const packing = $derived(pack.packing);
	let lies = $state<'frozen' | 'thawed'>('frozen');
	// svelte-ignore state_referenced_locally
	let by = $state(data.by);
	const nowMs = $derived(Math.max(clock.ms, data.nowMs));
	let change = $state<AsIf | null>(null);
	let computed = $state<Ways | null>(null);
	$effect(() => {
		const made = new Ways();
		computed = made;
		return () => made.close();
	});
	const ofCard = $derived(packing.card.options.filter((option) => option.state === lies));
	$effect(() => {
		if (!computed) return;
		if (change) computed.asIf(asIf(data.convert, change), lies);
		else if (!data.current) computed.asIf(data.convert, lies);
		else computed.ofCard(data.convert, lies, ofCard);
	});
	const options = $derived(computed?.options ?? ofCard);
	/** A pack that is thicker in thought thaws for longer too. */
	const thawedMin = $derived.by(() => {
		if (!change || lies !== 'thawed') return packing.card.thaw.refrigerator.thawedMin;
		const { food, block } = asIf(data.convert, change);
		const placeC = data.house.refrigeratorC;
		return thawingTime({ food, shape: block, startC: -18, place: 'refrigerator', placeC })
			.thawedMin;
	});
	const ways = $derived(
		options.map((option) => ({
			option,
			plan: whenToStart({
				option,
				thawedMin,
				serveAtMs: data.serveAtMs,
				nowMs
			})
		}))
	);
	const lines = $derived(
		ways.flatMap(({ option, plan }, look) => {
			const curve = computed?.curves[methodKey(option.method)];
			if (!curve || !option.totalMin) return [];
			// ready as likely at serving: the plan itself counts with the long end
			const startAtMs = data.serveAtMs - option.totalMin.likely * 60_000;
			return plan
				? [{ name: methodText(option.method, data.habit), look, startAtMs, ...curve }]
				: [];
		})
	);
	const chart = $derived({
		lines,
		serveAtMs: data.serveAtMs,
		spanMin: rulerSpanMin(
			ways.map((way) => way.plan),
			data.serveAtMs,
			nowMs
		),
		coreC: data.convert.coreC,
		habit: data.habit
	});
	const note = $derived(
		computed?.failed
			? w.whatIf.failed
			: computed?.busy && computed.options
				? w.whatIf.computing(options.length, ofCard.length)
				: !change && !data.current
					? w.whatIf.today
					: ''
	);
</script>

<svelte:head><title>{w.tableOne.cookAlmacen(pack.dish.name)}</title></svelte:head>

{#if pack.status === 'cooked'}<CookedNote cookedAtMs={pack.cookedAtMs} habit={data.habit} />{/if}
{#if form?.message}<p class="entry-error mb-3" role="alert">{form.message}</p>{/if}

<section class="plate grid gap-4">
	<div class="flex flex-wrap items-start justify-between gap-4">
		<div class="flex flex-wrap items-center gap-4">
			<Slab thicknessM={packing.thicknessM} lengthM={packing.lengthM} habit={data.habit} />
			<div>
				<h1>{pack.dish.name}</h1>
				<p class="quiet">
					{w.tableOne.packLine(
						massText(packing.massKg, data.habit),
						packing.servings,
						lengthText(packing.thicknessM, data.habit),
						dayText(packing.packedOn, data.habit),
						pack.code
					)}
					<Word tone={packing.state === 'raw' ? 'caution' : 'cold'} text={packing.state} />
				</p>
			</div>
		</div>
		{#if pack.status === 'frozen'}
			<form method="POST" action="?/cooked" use:enhance>
				<Press type="submit" first>{w.tableOne.markItCooked}</Press>
			</form>
		{/if}
	</div>
	<div class="flex flex-wrap items-end gap-5">
		<fieldset>
			<legend class="entry-label">{w.tableOne.itIs}</legend>
			<div class="flex">
				{#each [{ value: 'frozen', name: w.tableOne.frozenSolid }, { value: 'thawed', name: w.tableOne.thawed }] as choice (choice.value)}
					<label class="half" class:on={lies === choice.value}>
						<input type="radio" name="state" value={choice.value} bind:group={lies} />{choice.name}
					</label>
				{/each}
			</div>
		</fieldset>
		<form method="GET" class="tape flex items-end gap-3 p-2">
			<Field
				name="by"
				label={w.tableOne.onTheTableBy}
				inputmode="numeric"
				size="6"
				bind:value={by}
				error={data.badTime ? w.tableOne.writeATimeSuch : undefined}
			/>
			<Press type="submit">{w.tableOne.look}</Press>
		</form>
		<p class="pb-2">
			{w.tableOne.doneAt} <b>{tempText(data.convert.coreC, data.habit)}</b>
			{w.tableOne.inTheMiddle} <span class="quiet">({coreWords[packing.core]})</span><br />
			<span class="quiet"
				>{w.tableOne.waterBoilsAtHere(tempText(data.asked.boilsC, data.habit))}</span
			>
		</p>
	</div>
	<WhatIf bind:change packed={packing} habit={data.habit} {note} />
	<CookRuler {ways} serveAtMs={data.serveAtMs} {nowMs} habit={data.habit} />
	<h2>{w.cookChart.title}</h2>
	<Drawn
		draw={cookChart}
		input={chart}
		label={w.cookChart.label(lines.map((line) => line.name).join(', '))}
		heightPx={260}
	/>
</section>

<div class="mt-5 grid gap-4 md:grid-cols-2">
	{#each ways as { option, plan } (JSON.stringify(option.method))}
		<CookWay
			{option}
			{plan}
			{nowMs}
			habit={data.habit}
			asked={data.asked}
			{packing}
			addOnDay={pack.dish.addOnDay}
			label={change || data.current
				? undefined
				: ofCard.find((kept) => methodKey(kept.method) === methodKey(option.method))}
		/>
	{/each}
</div>
<p class="quiet mt-4">
	{w.tableOne.youngChildrenPregnantAnd(standingLine)}
</p>

<style>
	.half {
		position: relative;
		display: flex;
		align-items: center;
		min-height: 48px;
		padding: 8px 18px;
		border: 2px solid var(--rim);
		font-weight: 700;
		cursor: pointer;
	}
	.half:first-child {
		border-radius: 10px 0 0 10px;
		border-right-width: 0;
	}
	.half:last-child {
		border-radius: 0 10px 10px 0;
	}
	.half.on {
		background: var(--rim);
		color: var(--on-rim);
	}
	.half input {
		position: absolute;
		opacity: 0;
	}
	.half:has(input:focus-visible) {
		outline: 3px solid var(--cold);
		outline-offset: 2px;
	}
</style>
