<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { thawingTime, type CookOption } from '$lib/core';
	import { tenderC } from '$lib/core/published/dish-kinds';
	import { lyingBy } from '$lib/core/serving/lying-by';
	import { addLate } from '$lib/core/serving/add-late';
	import { asIf, type AsIf } from '$lib/core/serving/as-if';
	import type { CookCard } from '$lib/core/serving/cook-card';
	import type { RouteName } from '$lib/core/serving/route-name';
	import { thawRoutes } from '$lib/core/serving/thaw-routes';
	import { whenToStart, type StartPlan } from '$lib/core/serving/when-to-start';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { lateText } from '$lib/present/late-words';
	import { dayText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { coreWords, methodText, standingLine } from '$lib/present/wording/codes/words';
	import { eveningOf, inOrder } from '$lib/core/serving/evening';
	import { routesFrom } from '$lib/core/serving/routes-from';
	import BeginForm from '$lib/ui/table/BeginForm.svelte';
	import { routeText } from '$lib/ui/table/route-text';
	import BestPlan from '$lib/ui/table/BestPlan.svelte';
	import { slowWays } from '$lib/ui/table/slow-ways';
	import { rulerSpanMin } from '$lib/ui/table/ruler-span';
	import { methodKey } from '$lib/core/cooking/method';
	import { Ways } from '$lib/ui/table/ways.svelte';
	import WhatIf from '$lib/ui/table/WhatIf.svelte';
	import { keptWhenAway } from '$lib/ui/shell/kept-posts.svelte';
	import Cautions from '$lib/ui/kit/Cautions.svelte';
	import CookLog from '$lib/ui/table/CookLog.svelte';
	import CookRuler from '$lib/ui/table/CookRuler.svelte';
	import CookWay from '$lib/ui/table/CookWay.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import LikelyWay from '$lib/ui/table/LikelyWay.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import RouteTable from '$lib/ui/table/RouteTable.svelte';
	import Slab from '$lib/ui/kit/Slab.svelte';
	import CookedNote from '$lib/ui/freezer/CookedNote.svelte';
	import Unfolded from '$lib/ui/kit/Unfolded.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const pack = $derived(data.pack);
	const packing = $derived(pack.packing);
	let routeName = $state<RouteName>('frozen');
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

	/** The card as the household is today, once it has come. */
	let today = $state<CookCard | null>(null);
	let todayFailed = $state(false);
	$effect(() => {
		let live = true;
		today = null;
		todayFailed = false;
		change = null;
		data.todayCard?.then(
			(card) => live && (today = card),
			() => live && (todayFailed = true)
		);
		return () => (live = false);
	});
	const card = $derived(today ?? packing.card);
	const base = $derived(pack.assumed ? asIf(data.convert, pack.assumed) : data.convert);
	const inWaterAs = $derived({ inPan: base.pan !== undefined, massKg: pack.own.massKg });
	const routes = $derived(routesFrom(thawRoutes(card, inWaterAs), pack, data.nowMs));
	/** for several packs together the kept card says nothing: theirs is being computed */
	const waits = $derived(data.others.length > 0 && !today);
	const evening = $derived(
		eveningOf({
			routes,
			owned: data.owned,
			serveAtMs: data.serveAtMs,
			nowMs,
			away: data.away
		})
	);
	const chosen = $derived(waits ? null : (evening.best ?? evening.earliest));
	const planAtMs = $derived(
		evening.best || !evening.earliest
			? data.serveAtMs
			: Math.ceil(evening.earliest.readyAtMs / 300_000) * 300_000
	);
	const route = $derived(routes.find((known) => known.name === routeName) ?? routes[0]);
	/** What lies in the appliance by the chosen route. */
	const convert = $derived(lyingBy(route.name, change ? asIf(data.convert, change) : base));
	$effect(() => {
		if (!computed) return;
		if (change) computed.asIf(convert, route.state);
		else computed.ofCard(convert, route.state, route.options);
	});
	const options = $derived(computed?.options ?? route.options);
	const waiting = $derived(
		(computed?.likely ?? []).filter(
			({ method }) => !options.some((option) => methodKey(option.method) === methodKey(method))
		)
	);
	/** A pack that is thicker in thought thaws for longer too. */
	const beforeMin = $derived.by(() => {
		if (!change || route.name === 'frozen') return route.beforeMin;
		const place = route.name === 'refrigerator' ? 'refrigerator' : 'cold-water';
		const { refrigeratorC, coldWaterC } = data.thawPlaces;
		const placeC = place === 'refrigerator' ? refrigeratorC : coldWaterC;
		const { food, block: shape } = convert;
		const time = thawingTime({ food, shape, startC: -18, place, placeC });
		return route.name === 'softened' ? time.pliableMin : time.thawedMin;
	});
	const ways = $derived(
		inOrder(
			(route.refused ? [] : options).map((option) => ({
				option,
				plan: whenToStart({ option, beforeMin, serveAtMs: data.serveAtMs, nowMs })
			}))
		)
	);
	const labelOptions = $derived(
		thawRoutes(packing.card, inWaterAs).find((known) => known.name === route.name)?.options ?? []
	);
	const labelOf = (option: CookOption) =>
		change || data.current
			? undefined
			: labelOptions.find((kept) => methodKey(kept.method) === methodKey(option.method));
	const lateOf = (option: CookOption) =>
		addLate({ items: data.kept, option, boilsC: data.asked.boilsC }).map(lateText);
	const asked = $derived({ ...data.asked, frozenC: convert.frozenStartC ?? -18 });
	const inWater = $derived(route.name === 'softened' || route.name === 'cold-water');
	const lines = $derived(
		ways.flatMap(({ option, plan }, look) => {
			const curve = computed?.curves[methodKey(option.method)];
			if (!curve || !option.totalMin) return [];
			// ready as likely at serving: the plan itself counts with the long end
			const startAtMs =
				data.serveAtMs - (option.totalMin.likely - (option.preheatMin ?? 0)) * 60_000;
			return plan
				? [{ name: methodText(option.method, data.habit), look, startAtMs, ...curve }]
				: [];
		})
	);
	const spanMin = $derived(
		rulerSpanMin(
			ways.map((way) => way.plan),
			data.serveAtMs,
			nowMs
		)
	);
	/** Best first: the ways that are advised and still make it, two at least; the others are a tap away. */
	const shownFirst = $derived(
		Math.max(2, ways.filter(({ option, plan }) => option.advice === 'good' && plan?.fits).length)
	);
	/** stays as it was while ways are computed one after another */
	let showsOthers = $state(false);
	/** every way by every route, once it is asked for */
	let showsAll = $state(false);
	/** the pack that was cooked while the connection was gone */
	let cookedAway = $state<string | null>(null);
	/** also when the connection does not know yet */
	const cooked = $derived(pack.status === 'cooked' || cookedAway === pack.code);
	const slow = $derived(slowWays(route.refused ? [] : options));
	const tender = $derived(tenderC(data.asked.kind));
	const assumed = $derived(
		pack.assumed ?? { thicknessM: pack.own.block.thicknessM, massKg: pack.own.massKg }
	);
	const note = $derived(
		computed?.failed || todayFailed
			? w.whatIf.failed
			: computed?.busy && computed.options
				? w.whatIf.computing({
						done: options.length,
						of: Math.max(options.length, computed.likely.length)
					})
				: change
					? ''
					: !data.current && !today
						? w.whatIf.computingToday
						: pack.assumed
							? w.whatIf.kept
							: data.current
								? ''
								: w.whatIf.today
	);
</script>

<svelte:head><title>{w.tableOne.pageTitle({ name: pack.name })}</title></svelte:head>

{#if pack.status !== 'frozen'}<CookedNote {pack} habit={data.habit} />{/if}
{#if form && 'message' in form && form.message}<p class="entry-error mb-3" role="alert">
		{form.message}
	</p>{/if}

<p class="back no-print"><a href="/table?{data.query}">{w.tableOne.back}</a></p>
<PageHead title={pack.name}>
	{#snippet picture()}
		<Slab
			thicknessM={pack.own.block.thicknessM}
			lengthM={pack.own.block.lengthM}
			habit={data.habit}
			small
		/>
	{/snippet}
	{#snippet under()}
		{w.tableOne.packLine({
			mass: massText(data.massKg, data.habit),
			servings: data.servings,
			thickness: lengthText(pack.own.block.thicknessM, data.habit),
			packedOn: dayText(packing.packedOn, data.habit),
			code: [pack.code, ...data.others].join(', ')
		})}
		<Word tone={packing.state === 'raw' ? 'caution' : 'cold'} text={packing.state} />
	{/snippet}
	{#if pack.status === 'frozen' && !cooked}
		<form
			method="POST"
			action="?/cooked"
			use:enhance={keptWhenAway(
				() => {},
				() => (cookedAway = pack.code)
			)}
		>
			<Press type="submit" look="quiet">{w.tableOne.markCooked}</Press>
		</form>
	{/if}
</PageHead>
{#if cooked}{@render log()}{/if}
<form method="GET" class="by">
	<Field
		name="by"
		label={w.tableOne.serveBy}
		inputmode="numeric"
		size="6"
		bind:value={by}
		error={data.badTime ? w.tableOne.badTime : undefined}
	/>
	{#each data.keeps as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	<Press type="submit" look="quiet">{w.tableOne.look}</Press>
</form>
{#if data.sheetId !== null}
	<p class="mb-3">
		{w.cookSheet.running} <a href="/table/sheet/{data.sheetId}">{w.cookSheet.toSheet}</a>
	</p>
{:else if waits}
	<p role="status" class="mb-3">
		{todayFailed ? w.whatIf.failed : w.tableOne.together({ n: data.others.length + 1 })}
	</p>
{:else if !cooked}
	{#if !evening.best}<p class="mb-3">
			<Word tone="caution" text={chosen ? w.cookSheet.bestNone : w.table.noWay} />
		</p>{/if}
	{#if chosen}
		<BestPlan
			{routes}
			{chosen}
			pack={{
				state: packing.state,
				content: packing.content,
				core: packing.core,
				outSinceMs: pack.status === 'thawing' ? pack.pulledAtMs : null
			}}
			kept={data.kept}
			facts={{
				kind: data.asked.kind,
				state: packing.state,
				coreC: data.convert.coreC,
				tenderC: packing.state === 'raw' ? tender : null,
				inPan: data.inPan,
				blocks: data.convert.blockCount ?? 1,
				block: pack.own.block,
				bowl:
					chosen.method.appliance === 'slow-cooker'
						? data.asked.slowCooker?.bowl
						: chosen.method.appliance === 'pressure-cooker'
							? data.asked.pressureCooker?.bowl
							: undefined,
				serveWith: pack.serveWith
			}}
			others={data.others}
			away={data.away}
			serveAtMs={planAtMs}
			{nowMs}
			boilsC={data.asked.boilsC}
			habit={data.habit}
		/>
	{/if}
{/if}
<Cautions codes={data.cautions} habit={data.habit} />
{#if data.rough}<p class="quiet">{w.tableOne.rough}</p>{/if}
{#if data.changed.length > 0}<p>
		{w.tableOne.changed({
			what: data.changed.map((change) => w.cardChanges[change]).join(', ')
		})}
	</p>{/if}

<details bind:open={showsAll}>
	<summary class="more">{w.tableOne.everyWay}</summary>
	<section class="plate grid gap-3">
		<RouteTable
			{routes}
			bind:route={routeName}
			serveAtMs={data.serveAtMs}
			{nowMs}
			habit={data.habit}
		/>
		<CookRuler {ways} serveAtMs={data.serveAtMs} {nowMs} habit={data.habit} />
		<p>
			{w.tableOne.doneAt} <b>{tempText(data.convert.coreC, data.habit)}</b>
			{w.tableOne.inTheMiddle}
			<span class="quiet"
				>({coreWords[packing.core]}; {w.tableOne.boilsAt({
					tempC: tempText(data.asked.boilsC, data.habit)
				})})</span
			>{#if tender !== null && packing.state === 'raw'}{w.tableOne.tenderAt({
					temp: tempText(tender, data.habit)
				})}{/if}
		</p>
		<Unfolded
			title={w.cookChart.title}
			body={() => import('$lib/ui/table/CoreTemperatures.svelte')}
		>
			{#snippet children(CoreTemperatures)}
				<CoreTemperatures
					{lines}
					serveAtMs={data.serveAtMs}
					{spanMin}
					coreC={data.convert.coreC}
					habit={data.habit}
				/>
			{/snippet}
		</Unfolded>
	</section>

	<div class="ways">
		{#each ways.slice(0, shownFirst) as { option, plan } (JSON.stringify(option.method))}
			{@render way(option, plan)}
		{/each}
		{#each waiting as times (methodKey(times.method))}<LikelyWay
				{times}
				habit={data.habit}
			/>{/each}
	</div>
	{#if ways.length > shownFirst}
		<details bind:open={showsOthers}>
			<summary class="more">{w.tableOne.otherWays({ n: ways.length - shownFirst })}</summary>
			<div class="ways">
				{#each ways.slice(shownFirst) as { option, plan } (JSON.stringify(option.method))}
					{@render way(option, plan)}
				{/each}
			</div>
		</details>
	{/if}
</details>
<WhatIf
	bind:change
	packed={{
		...assumed,
		lengthM: packing.lengthM,
		mobility: base.food.mobility ?? 1,
		liquidKg: base.liquidKg
	}}
	kept={pack.assumed}
	habit={data.habit}
	{note}
/>
{#if slow.length > 0}
	<Unfolded title={w.onATimer.title} body={() => import('$lib/ui/table/OnATimer.svelte')}>
		{#snippet children(OnATimer)}
			<OnATimer
				{convert}
				state={route.state}
				{slow}
				dangerH={data.limits.dangerH}
				habit={data.habit}
			/>
		{/snippet}
	</Unfolded>
{/if}
{#if !cooked}{@render log()}{/if}
<p class="quiet mt-4">
	{w.tableOne.careful({ standing: standingLine })}
</p>

{#snippet way(option: CookOption, plan: StartPlan | null)}
	<CookWay
		{option}
		{plan}
		{nowMs}
		habit={data.habit}
		{asked}
		{packing}
		addOnDay={pack.addOnDay}
		late={lateOf(option)}
		{inWater}
		label={labelOf(option)}
	>
		{#snippet begin()}
			{#if !change && !cooked && !waits && data.sheetId === null}
				<BeginForm
					method={option.method}
					route={route.name}
					serveAtMs={data.serveAtMs}
					others={data.others}
					away={data.away}
					label="{w.cookSheet.begin}: {methodText(option.method, data.habit)}, {routeText(
						route.name
					)}"
				/>
			{/if}
		{/snippet}
	</CookWay>
{/snippet}

{#snippet log()}
	{#key pack.code}<span id="how"></span><CookLog
			options={packing.card.options.filter((option) => option.state === 'frozen')}
			cooks={data.cooks}
			habit={data.habit}
			open={cooked}
			errors={(form && 'logErrors' in form && form.logErrors) || {}}
			logged={Boolean(form && 'logged' in form && form.logged)}
		/>{/key}
{/snippet}

<style>
	.by {
		margin-bottom: 12px;
		display: flex;
		align-items: flex-end;
		gap: 8px;
	}
	.back {
		margin-bottom: 4px;
	}
	.back a {
		display: inline-block;
		padding: 10px 0;
	}
	.ways {
		columns: 2;
		column-gap: 16px;
		margin-top: 14px;
	}
	.ways > :global(*) {
		break-inside: avoid;
		margin-bottom: 12px;
	}
	.more {
		min-height: 44px;
		padding: 10px 0;
		font-weight: 700;
		cursor: pointer;
	}
	/* beside the list both are there already */
	@media (min-width: 1024px) {
		.by,
		.back {
			display: none;
		}
	}
	@media (max-width: 767px) {
		.ways {
			columns: 1;
		}
	}
</style>
