<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import { dayText, durationText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { containerText, groupWords } from '$lib/present/wording/codes/words';
	import Cautions from '$lib/ui/kit/Cautions.svelte';
	import CoolingRecord from '$lib/ui/cool/CoolingRecord.svelte';
	import BestBy from '$lib/ui/pack/BestBy.svelte';
	import { enhance } from '$app/forms';
	import { checked } from '$lib/ui/kit/checked';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Slab from '$lib/ui/kit/Slab.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const reserved = $derived(data.packs.filter(({ status }) => status === 'reserved'));
	// svelte-ignore state_referenced_locally
	let packedOn = $state(dayText(data.today, data.habit));
	let errors = $derived<Record<string, string>>(form?.errors ?? {});
	const packing = $derived(data.packing);
	formScope({ errors: () => errors });
</script>

<svelte:head><title>{w.packOne.pageTitle({ name: data.name })}</title></svelte:head>

<PageHead title={data.name}>
	{#snippet picture()}
		<Slab thicknessM={packing.thicknessM} lengthM={packing.lengthM} habit={data.habit} />
	{/snippet}
	{#snippet under()}
		{w.packOne.contents({
			packs: data.packs.length,
			mass: massText(packing.massKg, data.habit),
			servings: packing.servings
		})}
		<Word tone={packing.state === 'raw' ? 'caution' : 'cold'} text={packing.state} />
		{containerText(packing.container, data.habit)} · {lengthText(packing.lengthM, data.habit)} ×
		{lengthText(packing.widthM, data.habit)} × {lengthText(packing.thicknessM, data.habit)}
	{/snippet}

	<Press href="/pack/{packing.id}/fill" look="quiet">{w.fill.link}</Press>
	<Press href="/card.pdf?packing={packing.id}" target="_blank" rel="external" look="quiet"
		>{w.labelsPage.card}</Press
	>
	{#if data.cookable}<Press href="/table/{data.packs[0].code}" look="quiet"
			>{w.packOne.cookCard}</Press
		>{/if}
	<Press href="/labels?packing={packing.id}" first>{w.packOne.printLabels}</Press>
</PageHead>
<div class="grid items-start gap-8 lg:grid-cols-[3fr_2fr]">
	<section class="grid gap-3">
		<p>
			{w.packOne.packed({ day: dayText(packing.packedOn, data.habit) })}
			<BestBy packedOn={packing.packedOn} storage={packing.storage} habit={data.habit} />
			{#if packing.storage.limitingPart !== null}
				<span class="quiet"
					>{w.packOne.ruledBy({
						group: groupWords[packing.storage.parts[packing.storage.limitingPart].group],
						state: packing.state
					})}</span
				>
			{/if}
		</p>
		<p>
			{#if data.freezeMin !== null}
				{w.packOne.frozenIn}
				<Why
					note={{
						title: w.packOne.freezeTitle,
						rule: w.packOne.freezeRule({ tempC: tempText(-10, data.habit) }),
						inputs: [
							{ name: w.packOne.thickness, value: lengthText(packing.thicknessM, data.habit) },
							{ name: w.packOne.freezer, value: tempText(data.placeC.freezer, data.habit) }
						],
						sources: ['appliance-model', 'choi-okos-1986']
					}}><b>{durationText(data.freezeMin)}</b></Why
				>{w.packOne.layFlat}
			{:else if data.cookable}
				{w.packOne.neverFreezes}
			{/if}
		</p>
		<Cautions codes={data.cautions} habit={data.habit} />
		{#if data.cooling}<CoolingRecord
				run={data.cooling}
				limits={data.limits}
				habit={data.habit}
			/>{/if}
		<table class="ledger">
			<thead
				><tr
					><th>{w.packOne.pack}</th><th>{w.packOne.code}</th><th>{w.packOne.liesIn}</th><th
					></th></tr
				></thead
			>
			<tbody>
				{#each data.packs as pack (pack.id)}
					<tr>
						<td>{w.packOne.numberOf({ number: pack.number, of: pack.of })}</td>
						<td><a href="/freezer/{pack.code}" class="font-bold tracking-wider">{pack.code}</a></td>
						<td>{pack.freezer}, {pack.shelf}</td>
						<td>{w.cookedNote.words[pack.status]}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</section>
	<section class="grid gap-4">
		<h2 class="sr-only">{w.packOne.labels}</h2>
		{#if reserved.length > 0}
			<form
				method="POST"
				action="?/freeze"
				use:enhance={checked(
					async () => (await import('$lib/schemas/freeze')).freezeSchema(data.habit, data.today),
					(found) => (errors = found)
				)}
				class="grid gap-3"
				novalidate
			>
				<h2>{w.packOne.ahead}</h2>
				<p>{w.packOne.aheadHow}</p>
				<Field name="packedOn" label={w.pack.packedOn} bind:value={packedOn} />
				<fieldset class="grid gap-2">
					<legend class="entry-label">{w.packOne.filled}</legend>
					{#each reserved as pack (pack.code)}
						<div class="flex items-center gap-3">
							<label class="tick grow">
								<input type="checkbox" name="filled" value={pack.code} checked />
								{pack.code}, {w.packOne.numberOf({ number: pack.number, of: pack.of })}
							</label>
							<div class="w-40">
								<Field
									name="mass-{pack.code}"
									label={w.packOne.weighed}
									error={errors[`mass-${pack.code}`]}
								/>
							</div>
						</div>
					{/each}
				</fieldset>
				<Press type="submit" first>{w.packOne.markFrozen}</Press>
			</form>
		{/if}
	</section>
</div>
