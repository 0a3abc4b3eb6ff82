<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { coolingView } from '$lib/core/cooling';
	import { loadLeftKg } from '$lib/core/storage';
	import { packPlan, planLife } from '$lib/core/packing';
	import { packRefusalText } from '$lib/present/pack-words';
	import { type ContainerKey, containers } from '$lib/core/published';
	import ContainerChoice from '$lib/ui/pack/ContainerChoice.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import { dayText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { dayFromText } from '$lib/schemas/day-text';
	import { quantityFromText, unitHint } from '$lib/schemas/quantity-text';
	import { checked } from '$lib/ui/kit/checked';
	import { groupWords } from '$lib/present/wording/codes/words';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import { verdictWords } from '$lib/present/wording/codes/words';
	import Press from '$lib/ui/kit/Press.svelte';
	import Slab from '$lib/ui/kit/Slab.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	let typed = $state<Record<string, string>>(
		form?.typed ?? {
			dishId: data.dishId,
			coolingRunId: data.run ? String(data.run.id) : '',
			container: 'bag-1l',
			packedOn: dayText(data.today, data.habit),
			servings: '4',
			shelfId: String(data.freezers.at(-1)?.shelves[0]?.id ?? '')
		}
	);
	let errors = $derived<Record<string, string>>(form?.errors ?? {});
	let busy = $state(false);

	const dish = $derived(data.dishes.find((d) => String(d.id) === typed.dishId));
	const shelves = $derived(
		data.freezers.flatMap((freezer) =>
			freezer.shelves.map((shelf) => ({
				value: String(shelf.id),
				name: `${freezer.name}, ${shelf.name}`,
				setC: freezer.setC
			}))
		)
	);
	const massKg = $derived(quantityFromText(typed.massKg ?? '', 'mass', data.habit));
	const batchKg = $derived(massKg * Number(typed.count));

	const own = (text: string | undefined) =>
		text?.trim() ? quantityFromText(text, 'length', data.habit) || undefined : undefined;
	const typedDay = (text: string | undefined) =>
		dayFromText(text ?? '', data.habit, data.today) ?? undefined;
	const packedOn = $derived(typedDay(typed.packedOn));
	let ahead = $state(false);
	const freezer = $derived(
		data.freezers.find((box) => box.shelves.some(({ id }) => String(id) === typed.shelfId))
	);
	const life = $derived(
		dish && packedOn
			? {
					parts: dish.parts,
					packedOn,
					freezerC: freezer?.setC,
					houseMonths: data.house.houseMonths,
					leads: data.house.leads,
					bestBy: typedDay(typed.bestBy)
				}
			: null
	);
	/** What the service will make of it, while typing; null: nothing can be said yet. */
	const plan = $derived.by(() => {
		if (!dish || !life || !(typed.container in containers)) return null;
		if (!(massKg >= 0.001 && massKg <= 25)) return null;
		return packPlan({
			massKg,
			densityKgPerM3: dish.densityKgPerM3,
			kind: dish.kind,
			container: typed.container as ContainerKey,
			measured: {
				lengthM: own(typed.lengthM),
				widthM: own(typed.widthM),
				thicknessM: own(typed.thicknessM)
			},
			life,
			into: freezer && {
				freezer,
				count: Math.min(40, Number(typed.count) || 0),
				addedIn24hKg: loadLeftKg(freezer, 0) - freezer.loadLeftKg
			}
		});
	});
	const block = $derived(plan?.outcome === 'planned' ? plan.block : null);
	const lasts = $derived(plan?.outcome === 'planned' ? plan.life : life && planLife(life));
	const put = $derived(plan?.outcome === 'planned' ? plan.putAway : null);
	const waiting = $derived(put?.waits.length ?? 0);
	const roomHere = $derived(
		!put || put.shelfIds.filter((id) => id === null).length === put.waits.length
	);
	const cooled = $derived(data.run ? coolingView(data.run, clock.ms, data.limits) : null);
	const length = $derived(unitHint('length', data.habit));
	formScope({ typed: () => typed, errors: () => errors });
</script>

<svelte:head><title>{w.pack.pageTitle}</title></svelte:head>

{#if data.dishes.length === 0}
	<PageHead title={w.pack.heading} />
	<p>{w.pack.noDish}</p>
	<p class="mt-3"><Press href="/menu/new" first>{w.pack.writeADish}</Press></p>
{:else if data.freezers.length === 0}
	<PageHead title={w.pack.heading} />
	<p>{w.pack.noFreezer}</p>
	<p class="mt-3"><Press href="/household/freezers" first>{w.pack.toHousehold}</Press></p>
{:else}
	<PageHead
		title={w.pack.heading}
		facts={cooled
			? `${data.run?.name}: ${verdictWords[cooled.verdict]}, ${tempText(cooled.nowC, data.habit)}`
			: ''}
	>
		{#if data.bar && data.bar.packs.left > 0}
			<Press href="/pack/day/{data.bar.id}" look="quiet"
				>{w.packDay.heading} ({data.bar.packs.left})</Press
			>
		{/if}
		<label class="tick">
			<input type="checkbox" name="ahead" form="packing" bind:checked={ahead} />
			{w.packPlan.ahead}
		</label>
		<Press type="submit" form="packing" first disabled={busy}
			>{busy ? w.pack.computing : w.pack.submit}</Press
		>
	</PageHead>
	{#if busy}<p class="quiet mb-2" role="status">{w.pack.computingHow}</p>{/if}
	{#if Object.keys(errors).length > 0}
		<p class="entry-error mb-2" role="alert">{w.pack.notPacked}</p>
	{/if}
	{#if cooled && cooled.verdict === 'fail'}
		<p class="said refused">
			<b>{w.pack.missed}</b>
			{w.pack.missedHow({ tempC: tempText(74, data.habit) })}
		</p>
	{:else if cooled && cooled.nowC > 8}
		<p class="said">
			<b>{w.pack.warm}</b>
			{w.pack.warmHow({ tempC: tempText(5, data.habit) })}
		</p>
	{/if}
	<form
		id="packing"
		method="POST"
		class="grid items-start gap-x-6 gap-y-4 lg:grid-cols-[1fr_380px]"
		novalidate
		use:enhance={checked(
			async () => (await import('$lib/schemas/packing')).packingSchema(data.habit, data.today),
			(found) => (errors = found),
			{ busy: (at) => (busy = at) }
		)}
	>
		<div class="grid gap-4">
			<input type="hidden" name="coolingRunId" value={typed.coolingRunId} />
			<section class="plate what">
				<Choice
					name="dishId"
					label={w.pack.dish}
					items={data.dishes.map((d) => ({ value: String(d.id), name: d.name }))}
				/>
				<Field name="count" label={w.pack.packs} inputmode="numeric" />
				<Field name="servings" label={w.pack.servings} inputmode="numeric" />
				<Field
					name="massKg"
					label={w.pack.mass}
					hint={dish && dish.packedKg > 0
						? w.pack.massHint({
								unit: unitHint('mass', data.habit),
								recipe: massText(dish.packedKg, data.habit)
							})
						: unitHint('mass', data.habit)}
				/>
			</section>
			<ContainerChoice
				{dish}
				{massKg}
				count={Number(typed.count) || 1}
				freezerC={shelves.find((s) => s.value === typed.shelfId)?.setC ?? -18}
				house={data.house}
				left={data.containers}
				habit={data.habit}
				bind:typed
				error={errors.container}
			/>
			<details open={Boolean(errors.lengthM || errors.widthM || errors.thicknessM) || undefined}>
				<summary class="more">{w.pack.block}</summary>
				<div class="grid grid-cols-3 gap-4">
					<Field name="lengthM" label={w.pack.length} hint={length} />
					<Field name="widthM" label={w.pack.width} hint={length} />
					<Field name="thicknessM" label={w.pack.thickness} hint={length} />
				</div>
			</details>
			{#if dish && dish.state === 'raw' && dish.boughtFrozen.length > 0}
				<Choice
					name="boughtFrozen"
					label={w.packPlan.boughtFrozen({ lines: dish.boughtFrozen.join(', ') })}
					hint={w.packPlan.boughtFrozenHint}
					items={Object.entries(w.packPlan.boughtFrozenAnswers).map(([value, name]) => ({
						value,
						name
					}))}
				/>
			{/if}
			{#if data.recent.length > 0}
				<details open={!dish}>
					<summary class="more">{w.pack.recent}</summary>
					<table class="ledger">
						<tbody>
							{#each data.recent as { packing, name, count } (packing.id)}
								<tr>
									<td><a href="/pack/{packing.id}">{name}</a></td>
									<td>{count} × {massText(packing.massKg, data.habit)}</td>
									<td class="quiet">{dayText(packing.packedOn, data.habit)}</td>
								</tr>
							{/each}
						</tbody>
					</table>
				</details>
			{/if}
		</div>
		<div class="grid gap-4">
			<section class="plate grid gap-3">
				<h2>{w.pack.planTitle}</h2>
				{#if block}
					<Slab thicknessM={block.thicknessM} lengthM={block.lengthM} habit={data.habit} planned />
					<p>
						{w.pack.planLine({
							packs: Math.max(0, Number(typed.count) || 0),
							mass: massText(massKg, data.habit),
							length: lengthText(block.lengthM, data.habit),
							width: lengthText(block.widthM, data.habit)
						})} <b>{w.pack.thick({ thickness: lengthText(block.thicknessM, data.habit) })}</b>
					</p>
					{#if batchKg > 0}<p class="quiet">
							{w.pack.total({ mass: massText(batchKg, data.habit) })}
						</p>{/if}
				{:else if plan && plan.outcome !== 'planned'}
					<p class="entry-error">{packRefusalText(plan, massKg, data.habit)}</p>
				{:else}
					<p class="quiet">{w.pack.planEmpty}</p>
				{/if}
				{#if freezer && batchKg > 0}
					<p>
						<Why
							note={{
								title: w.freezer.loadTitle,
								rule: w.freezer.loadRule,
								inputs: [{ name: freezer.name, value: massText(freezer.loadLeftKg, data.habit) }],
								sources: ['nchfp-freezing']
							}}
							>{waiting > 0
								? w.packPlan.wait({ n: waiting, freezer: freezer.name })
								: w.packPlan.noWait({ freezer: freezer.name })}</Why
						>
						{#if !roomHere}<b>{w.packPlan.noRoom}</b>{/if}
					</p>
				{/if}
				{#if lasts && dish}
					{#if lasts.bestBy}
						<p>
							{w.pack.bestBy}
							<b class="text-[30px] leading-tight">{dayText(lasts.bestBy, data.habit)}</b>
							{#if lasts.limitingPart !== null && !lasts.bestBySet}
								<br /><span class="quiet">
									{w.pack.ruledBy({
										group: groupWords[dish.parts[lasts.limitingPart].group],
										state: dish.state
									})}
								</span>
							{/if}
						</p>
					{:else}
						<p>{w.pack.noFigure}</p>
					{/if}
				{/if}
			</section>
			<section class="grid gap-3">
				<Choice name="shelfId" label={w.pack.shelf} items={shelves} />
				<div class="grid gap-3 sm:grid-cols-2">
					<Field name="packedOn" label={w.pack.packedOn} />
					<Field name="bestBy" label={w.pack.bestByOwn} hint={w.pack.bestByHint} />
				</div>
				<details open={Boolean(errors.cookedOn) || undefined}>
					<summary class="more">{w.already.more}</summary>
					<Field name="cookedOn" label={w.already.cooked} hint={w.packPlan.cookedHint} />
				</details>
			</section>
		</div>
	</form>
{/if}

<style>
	.what {
		display: grid;
		grid-template-columns: minmax(0, 2fr) 90px 110px minmax(0, 1.2fr);
		gap: 12px;
		align-items: start;
	}
	.more {
		min-height: 44px;
		padding: 10px 0;
		font-weight: 700;
		cursor: pointer;
	}
	.said {
		margin-bottom: 10px;
		padding: 8px 14px;
		background: var(--mustard-pale);
		border-left: 4px solid var(--mustard);
	}
	.said.refused {
		background: var(--ember-pale);
		border-color: var(--ember);
	}
	@media (max-width: 767px) {
		.what {
			grid-template-columns: 1fr 1fr;
		}
		.what > :global(:first-child),
		.what > :global(:last-child) {
			grid-column: 1 / -1;
		}
	}
</style>
