<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { methodKey } from '$lib/core/appliances';
	import { tenderC } from '$lib/core/published';
	import { asIf, type CookCard, eveningOf, routesFrom, thawRoutes } from '$lib/core/serving';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { dayText } from '$lib/present/time';
	import { lengthText, massText } from '$lib/present/units';
	import { standingLine } from '$lib/present/wording/codes/words';
	import BestPlan from '$lib/ui/table/BestPlan.svelte';
	import { keptWhenAway } from '$lib/ui/shell/kept-posts.svelte';
	import Cautions from '$lib/ui/kit/Cautions.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Slab from '$lib/ui/kit/Slab.svelte';
	import CookedNote from '$lib/ui/freezer/CookedNote.svelte';
	import WorthOfDishes from '$lib/ui/learn/WorthOfDishes.svelte';
	import Unfolded from '$lib/ui/kit/Unfolded.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const pack = $derived(data.pack);
	const packing = $derived(pack.packing);
	// svelte-ignore state_referenced_locally
	let by = $state(data.by);
	const nowMs = $derived(Math.max(clock.ms, data.nowMs));

	/** The card as the household is today, once it has come. */
	let today = $state<CookCard | null>(null);
	let todayFailed = $state(false);
	$effect(() => {
		let live = true;
		today = null;
		todayFailed = false;
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
	const fromFrozen = $derived(packing.card.options.filter(({ state }) => state === 'frozen'));
	/** how it was cooked: by its sheet, or else as would be best, for the cook to say only what was otherwise */
	const proposedCook = $derived.by(() => {
		if (data.proposedCook || !chosen) return data.proposedCook;
		const { method, route: name } = chosen;
		const way = fromFrozen.findIndex((option) => methodKey(option.method) === methodKey(method));
		const setMin = routes
			.find((route) => route.name === name)
			?.options.find((option) => methodKey(option.method) === methodKey(method))?.setMin;
		return way < 0 || !setMin
			? null
			: { way, route: name, setMin: Math.round(setMin.likely), coreC: null };
	});
	/** what the printed label says, where that was computed otherwise */
	const labelRoutes = $derived(data.current ? null : thawRoutes(packing.card, inWaterAs));
	/** the pack that was cooked while the connection was gone */
	let cookedAway = $state<string | null>(null);
	/** also when the connection does not know yet */
	const cooked = $derived(pack.status === 'cooked' || cookedAway === pack.code);
	const note = $derived(
		todayFailed
			? w.whatIf.failed
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
				tenderC: packing.state === 'raw' ? tenderC(data.asked.kind) : null,
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

<p class="quiet" role="status">{note}</p>

{#key pack.code}
	<Unfolded
		title={w.tableOne.everyWay}
		body={() => import('$lib/ui/table/EveryWay.svelte')}
		open={pack.assumed !== null}
	>
		{#snippet children(EveryWay)}
			<EveryWay
				{routes}
				{pack}
				convert={data.convert}
				{base}
				thawPlaces={data.thawPlaces}
				{labelRoutes}
				asked={data.asked}
				kept={data.kept}
				begin={!cooked && !waits && data.sheetId === null
					? { others: data.others, away: data.away }
					: null}
				dangerH={data.limits.dangerH}
				serveAtMs={data.serveAtMs}
				{nowMs}
				habit={data.habit}
			/>
		{/snippet}
	</Unfolded>
{/key}
{#if !cooked}{@render log()}{/if}
<p class="quiet mt-4">
	{w.tableOne.careful({ standing: standingLine })}
</p>

{#snippet log()}
	<WorthOfDishes worth={data.worth} habit={data.habit} />
	{#key pack.code}
		<span id="how"></span>
		{#if cooked || data.cooks.length > 0}
			<Unfolded
				title={cooked ? w.cookLog.title : w.cookLog.before}
				body={() => import('$lib/ui/table/CookLog.svelte')}
				open={cooked}
			>
				{#snippet children(CookLog)}
					<CookLog
						options={fromFrozen}
						cooks={data.cooks}
						mine={data.mine}
						proposed={proposedCook}
						habit={data.habit}
						open={cooked}
						errors={(form && 'logErrors' in form && form.logErrors) || {}}
					/>
				{/snippet}
			</Unfolded>
		{/if}
	{/key}
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
	/* beside the list both are there already */
	@media (min-width: 1024px) {
		.by,
		.back {
			display: none;
		}
	}
</style>
