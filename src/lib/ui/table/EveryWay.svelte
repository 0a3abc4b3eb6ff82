<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { ComponentProps } from 'svelte';
	import { thawingTime, type ConvertInput, type CookOption } from '$lib/core';
	import { methodKey } from '$lib/core/appliances';
	import { type CoreTemperatureClass, tenderC } from '$lib/core/published';
	import {
		addLate,
		asIf,
		type AsIf,
		type Away,
		inOrder,
		type KeptBack,
		lyingBy,
		type Route,
		type RouteName,
		type StartPlan,
		whenToStart
	} from '$lib/core/serving';
	import { lateText } from '$lib/present/late-words';
	import type { Habit } from '$lib/present/habit';
	import { tempText } from '$lib/present/units';
	import { coreWords, methodText } from '$lib/present/wording/codes/words';
	import Unfolded from '../kit/Unfolded.svelte';
	import BeginForm from './BeginForm.svelte';
	import CookRuler from './CookRuler.svelte';
	import CookWay from './CookWay.svelte';
	import LikelyWay from './LikelyWay.svelte';
	import type OnATimer from './OnATimer.svelte';
	import RouteTable from './RouteTable.svelte';
	import { routeText } from './route-text';
	import { rulerSpanMin } from './ruler-span';
	import { slowWays } from './slow-ways';
	import { Ways } from './ways.svelte';
	import WhatIf from './WhatIf.svelte';

	/** Every way of a pack by the chosen route, best first, with when to start each and what becomes of its middle; and as if it were otherwise. */
	let {
		routes,
		pack,
		convert: asPacked,
		base,
		thawPlaces,
		labelRoutes,
		asked,
		kept,
		begin,
		dangerH,
		serveAtMs,
		nowMs,
		habit
	}: {
		routes: Route[];
		pack: {
			packing: ComponentProps<typeof CookWay>['packing'] & {
				core: CoreTemperatureClass;
				state: 'raw' | 'cooked';
			};
			own: { block: { thicknessM: number }; massKg: number };
			addOnDay: string;
			/** what is kept of this pack, where it is otherwise than packed */
			assumed: AsIf | null;
		};
		/** what goes into the appliance, as it was packed */
		convert: ConvertInput;
		/** the same as it is kept */
		base: ConvertInput;
		thawPlaces: { refrigeratorC: number; coldWaterC: number };
		/** the ways on the printed label, where they were computed otherwise; null: the same */
		labelRoutes: readonly Route[] | null;
		asked: Omit<ComponentProps<typeof CookWay>['asked'], 'frozenC'> & { boilsC: number };
		kept: readonly KeptBack[];
		/** a meal can be begun by any of them; null: not now */
		begin: { others: readonly string[]; away: Away | null } | null;
		dangerH: ComponentProps<typeof OnATimer>['dangerH'];
		serveAtMs: number;
		nowMs: number;
		habit: Habit;
	} = $props();

	let routeName = $state<RouteName>('frozen');
	let change = $state<AsIf | null>(null);
	let computed = $state<Ways | null>(null);
	$effect(() => {
		const made = new Ways();
		computed = made;
		return () => made.close();
	});

	const route = $derived(routes.find((known) => known.name === routeName) ?? routes[0]);
	/** What lies in the appliance by the chosen route. */
	const convert = $derived(lyingBy(route.name, change ? asIf(asPacked, change) : base));
	$effect(() => {
		if (!computed) return;
		if (change) computed.asIf(convert, route.state);
		else computed.ofCard(convert, route.state, route.options);
	});
	const options = $derived(route.refused ? [] : (computed?.options ?? route.options));
	/** A pack that is thicker in thought thaws for longer too. */
	const beforeMin = $derived.by(() => {
		if (!change || route.name === 'frozen') return route.beforeMin;
		const place = route.name === 'refrigerator' ? 'refrigerator' : 'cold-water';
		const placeC = place === 'refrigerator' ? thawPlaces.refrigeratorC : thawPlaces.coldWaterC;
		const { food, block: shape } = convert;
		const time = thawingTime({ food, shape, startC: -18, place, placeC });
		return route.name === 'softened' ? time.pliableMin : time.thawedMin;
	});
	const ways = $derived(
		inOrder(
			options.map((option) => ({
				option,
				plan: whenToStart({ option, beforeMin, serveAtMs, nowMs })
			}))
		)
	);
	const waiting = $derived(
		(computed?.likely ?? []).filter(
			({ method }) => !options.some((option) => methodKey(option.method) === methodKey(method))
		)
	);
	const labelOptions = $derived(
		change ? null : (labelRoutes?.find(({ name }) => name === route.name)?.options ?? null)
	);
	const labelOf = (option: CookOption) =>
		labelOptions?.find(({ method }) => methodKey(method) === methodKey(option.method));
	const lateOf = (option: CookOption) =>
		addLate({ items: kept, option, boilsC: asked.boilsC }).map(lateText);
	const lines = $derived(
		ways.flatMap(({ option, plan }, look) => {
			const curve = computed?.curves[methodKey(option.method)];
			if (!curve || !option.totalMin || !plan) return [];
			// ready as likely at serving: the plan itself counts with the long end
			const startAtMs = serveAtMs - (option.totalMin.likely - (option.preheatMin ?? 0)) * 60_000;
			return [{ name: methodText(option.method, habit), look, startAtMs, ...curve }];
		})
	);
	const spanMin = $derived(
		rulerSpanMin(
			ways.map(({ plan }) => plan),
			serveAtMs,
			nowMs
		)
	);
	/** Best first: the ways that are advised and still make it, two at least; the others are a tap away. */
	const shownFirst = $derived(
		Math.max(2, ways.filter(({ option, plan }) => option.advice === 'good' && plan?.fits).length)
	);
	/** stays as it was while ways are computed one after another */
	let showsOthers = $state(false);
	const inWater = $derived(route.name === 'softened' || route.name === 'cold-water');
	const slow = $derived(slowWays(options));
	const tender = $derived(pack.packing.state === 'raw' ? tenderC(asked.kind) : null);
	const note = $derived(
		computed?.failed
			? w.whatIf.failed
			: computed?.busy && computed.options
				? w.whatIf.computing({
						done: options.length,
						of: Math.max(options.length, computed.likely.length)
					})
				: ''
	);
</script>

<section class="plate grid gap-3">
	<RouteTable {routes} bind:route={routeName} {serveAtMs} {nowMs} {habit} />
	<CookRuler {ways} {serveAtMs} {nowMs} {habit} />
	<p>
		{w.tableOne.doneAt} <b>{tempText(asPacked.coreC, habit)}</b>
		{w.tableOne.inTheMiddle}
		<span class="quiet"
			>({coreWords[pack.packing.core]}; {w.tableOne.boilsAt({
				tempC: tempText(asked.boilsC, habit)
			})})</span
		>{#if tender !== null}{w.tableOne.tenderAt({ temp: tempText(tender, habit) })}{/if}
	</p>
	<Unfolded title={w.cookChart.title} body={() => import('./CoreTemperatures.svelte')}>
		{#snippet children(CoreTemperatures)}
			<CoreTemperatures {lines} {serveAtMs} {spanMin} coreC={asPacked.coreC} {habit} />
		{/snippet}
	</Unfolded>
</section>

<div class="ways">
	{@render list(ways.slice(0, shownFirst))}
	{#each waiting as times (methodKey(times.method))}<LikelyWay {times} {habit} />{/each}
</div>
{#if ways.length > shownFirst}
	<details bind:open={showsOthers}>
		<summary class="more">{w.tableOne.otherWays({ n: ways.length - shownFirst })}</summary>
		<div class="ways">{@render list(ways.slice(shownFirst))}</div>
	</details>
{/if}

<WhatIf
	bind:change
	packed={{
		...(pack.assumed ?? { thicknessM: pack.own.block.thicknessM, massKg: pack.own.massKg }),
		lengthM: pack.packing.lengthM,
		mobility: base.food.mobility ?? 1,
		liquidKg: base.liquidKg
	}}
	kept={pack.assumed}
	{habit}
	{note}
/>
{#if slow.length > 0}
	<Unfolded title={w.onATimer.title} body={() => import('./OnATimer.svelte')}>
		{#snippet children(OnATimer)}
			<OnATimer {convert} state={route.state} {slow} {dangerH} {habit} />
		{/snippet}
	</Unfolded>
{/if}

{#snippet list(shown: { option: CookOption; plan: StartPlan | null }[])}
	{#each shown as { option, plan } (methodKey(option.method))}
		<CookWay
			{option}
			{plan}
			{nowMs}
			{habit}
			asked={{ ...asked, frozenC: convert.frozenStartC ?? -18 }}
			packing={pack.packing}
			addOnDay={pack.addOnDay}
			late={lateOf(option)}
			{inWater}
			label={labelOf(option)}
		>
			{#snippet beginning()}
				{#if begin && !change}
					<BeginForm
						method={option.method}
						route={route.name}
						{serveAtMs}
						others={begin.others}
						away={begin.away}
						label="{w.cookSheet.begin}: {methodText(option.method, habit)}, {routeText(route.name)}"
					/>
				{/if}
			{/snippet}
		</CookWay>
	{/each}
{/snippet}

<style>
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
	@media (max-width: 767px) {
		.ways {
			columns: 1;
		}
	}
</style>
