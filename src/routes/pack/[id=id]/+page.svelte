<script lang="ts">
	import { w } from '$lib/present/wording';
	import { labelSheetKeys, labelSheets, type LabelSheetKey } from '$lib/core/tables/label-sheets';
	import { dayText, durationText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { containerText, groupWords, sheetWords } from '$lib/present/words';
	import CoolingRecord from '$lib/ui/cooling/CoolingRecord.svelte';
	import BestBy from '$lib/ui/BestBy.svelte';
	import Choice from '$lib/ui/Choice.svelte';
	import Press from '$lib/ui/Press.svelte';
	import Slab from '$lib/ui/Slab.svelte';
	import Why from '$lib/ui/Why.svelte';
	import Word from '$lib/ui/Word.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	let sheet = $state<LabelSheetKey>(data.habit.system === 'us' ? 'letter-2x3' : 'a4-2x4');
	let start = $state(1);
	const layout = $derived(labelSheets[sheet]);
	const places = $derived(layout.columns * layout.rows);
	const pdf = $derived(
		`/labels.pdf?packing=${data.packing.id}&sheet=${sheet}&start=${Math.min(start, places)}`
	);
	const packing = $derived(data.packing);
</script>

<svelte:head><title>{w.packOne.packedAlmacen(data.dish.name)}</title></svelte:head>

<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<section class="plate grid content-start gap-3">
		<h1>{data.dish.name}</h1>
		<div class="flex flex-wrap items-center gap-4">
			<Slab thicknessM={packing.thicknessM} lengthM={packing.lengthM} habit={data.habit} />
			<p>
				{w.packOne.servingsEach(
					data.packs.length,
					massText(packing.massKg, data.habit),
					packing.servings
				)}
				<Word tone={packing.state === 'raw' ? 'caution' : 'cold'} text={packing.state} /><br />
				<span class="quiet">
					{containerText(packing.container, data.habit)} · {lengthText(packing.lengthM, data.habit)} ×
					{lengthText(packing.widthM, data.habit)} × {lengthText(packing.thicknessM, data.habit)}
				</span>
			</p>
		</div>
		<p>
			{w.packOne.packedBestBy(dayText(packing.packedOn, data.habit))}
			<BestBy packedOn={packing.packedOn} storage={packing.storage} habit={data.habit} />
			{#if packing.storage.limitingPart !== null}
				<span class="quiet"
					>{w.packOne.ruledBy(
						groupWords[packing.storage.parts[packing.storage.limitingPart].group],
						packing.state
					)}</span
				>
			{/if}
		</p>
		<p>
			{#if data.freezeMin !== null}
				{w.packOne.frozenThroughInAbout}
				<Why
					note={{
						title: w.packOne.freezingThrough,
						rule: w.packOne.untilItsWarmestPoint(tempText(-10, data.habit)),
						inputs: [
							{ name: w.packOne.thickness, value: lengthText(packing.thicknessM, data.habit) },
							{ name: w.packOne.freezer, value: tempText(data.placeC.freezer, data.habit) }
						],
						sources: ['appliance-model', 'choi-okos-1986']
					}}><b>{durationText(data.freezeMin)}</b></Why
				>{w.packOne.layItFlatWith}
			{:else}
				{w.packOne.thisFreezerIsNot}
			{/if}
		</p>
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
						<td>{w.packOne.ofWord(pack.number, pack.of)}</td>
						<td><a href="/freezer/{pack.code}" class="font-bold tracking-wider">{pack.code}</a></td>
						<td>{pack.freezer}, {pack.shelf}</td>
						<td>{pack.status === 'frozen' ? '' : w.cookedNote.words[pack.status]}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</section>
	<section class="plate grid content-start gap-4">
		<h2>{w.packOne.labels}</h2>
		<Choice
			name="sheet"
			label={w.packOne.sheet}
			bind:value={sheet}
			items={labelSheetKeys.map((key) => ({ value: key, name: sheetWords[key] }))}
		/>
		<fieldset>
			<legend class="entry-label">{w.packOne.firstFreeLabelOn}</legend>
			<div class="sheet" style="--columns: {layout.columns}">
				{#each { length: places } as _, i (i)}
					<label
						class:used={i + 1 < start}
						class:ours={i + 1 >= start && i + 1 < start + data.packs.length}
					>
						<input type="radio" name="start" value={i + 1} bind:group={start} />
						<span>{i + 1}</span>
					</label>
				{/each}
			</div>
			<p class="entry-hint">
				{#if start + data.packs.length - 1 > places}{w.packOne.goesOnOverThe}{:else}{w.packOne
						.staysOnOneSheet}{/if}
			</p>
		</fieldset>
		<div class="flex flex-wrap gap-3">
			<Press href={pdf} first target="_blank" rel="external" download="labels.pdf"
				>{w.packOne.printLabelsPdf}</Press
			>
			<Press href="/table/{data.packs[0].code}">{w.packOne.cookCard}</Press>
		</div>
		<p class="quiet">{w.packOne.printAtNotFit}</p>
	</section>
</div>

<style>
	.sheet {
		display: grid;
		grid-template-columns: repeat(var(--columns), 76px);
		gap: 4px;
	}
	.sheet label {
		position: relative;
		display: grid;
		place-items: center;
		height: 48px;
		border: 1.5px solid var(--soft);
		border-radius: 4px;
		background: var(--enamel);
		cursor: pointer;
		font-weight: 600;
	}
	.sheet label.used {
		background: repeating-linear-gradient(
			45deg,
			var(--frost),
			var(--frost) 5px,
			var(--hair) 5px,
			var(--hair) 6px
		);
		color: var(--soft);
	}
	.sheet label.ours {
		background: var(--tape);
		border-color: var(--rim);
	}
	.sheet input {
		position: absolute;
		inset: 0;
		opacity: 0;
		cursor: pointer;
	}
	.sheet label:has(input:focus-visible) {
		outline: 3px solid var(--cold);
		outline-offset: 1px;
	}
</style>
