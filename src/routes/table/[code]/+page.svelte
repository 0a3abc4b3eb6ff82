<script lang="ts">
	import { w } from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { whenToStart } from '$lib/core/table/when-to-start';
	import { clock } from '$lib/ui/clock.svelte';
	import { dayText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { coreWords, standingLine } from '$lib/present/words';
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
	const ways = $derived(
		packing.card.options
			.filter((option) => option.state === lies)
			.map((option) => ({
				option,
				plan: whenToStart({
					option,
					thawedMin: packing.card.thaw.refrigerator.thawedMin,
					serveAtMs: data.serveAtMs,
					nowMs
				})
			}))
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
			{w.tableOne.doneAt} <b>{tempText(packing.coreC, data.habit)}</b>
			{w.tableOne.inTheMiddle} <span class="quiet">({coreWords[packing.core]})</span><br />
			<span class="quiet"
				>{w.tableOne.waterBoilsAtHere(tempText(data.asked.boilsC, data.habit))}</span
			>
		</p>
	</div>
	<CookRuler {ways} serveAtMs={data.serveAtMs} {nowMs} habit={data.habit} />
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
