<script lang="ts">
	import * as w from '$lib/present/wording';
	import { qualityC, qualityLossFactor } from '$lib/core/storage/storage-life';
	import { massText, tempText, roomText, type Habit } from '$lib/present/units';
	import Why from '../kit/Why.svelte';

	interface Shelf {
		id: number;
		name: string;
		usableL: number;
		litres: number;
		packs: number;
		slabs: { code: string; name: string; thicknessM: number }[];
	}
	let {
		freezer,
		habit
	}: {
		freezer: {
			name: string;
			kind: keyof typeof w.freezer.kinds;
			setC: number;
			volumeL: number;
			loadKg: number;
			addedKg: number;
			shelves: Shelf[];
		};
		habit: Habit;
	} = $props();
	const say = w.freezer;
	const over = $derived(freezer.addedKg > freezer.loadKg);
</script>

<section class="plate">
	<h2>{freezer.name}</h2>
	<p class="quiet">
		{say.kinds[freezer.kind]}, {roomText(freezer.volumeL, habit)}, {tempText(freezer.setC, habit)}
	</p>
	{#if freezer.setC > qualityC}
		<p class="font-bold">
			{w.freezerFields.warm({
				times: qualityLossFactor(freezer.setC).toFixed(1),
				usual: tempText(qualityC, habit)
			})}
		</p>
	{/if}
	<div class="cabinet mt-2" class:chest={freezer.kind === 'chest'}>
		{#each freezer.shelves as shelf (shelf.id)}
			{@const fill = Math.min(1, shelf.litres / shelf.usableL)}
			<div class="shelf">
				<div class="slabs">
					{#each shelf.slabs as slab (slab.code)}
						<a
							href="/freezer/{slab.code}"
							aria-label="{slab.name}, {slab.code}"
							title="{slab.name}, {slab.code}"
							style="height: {Math.min(34, Math.max(8, slab.thicknessM * 500))}px"
						></a>
					{/each}
					{#if shelf.packs > shelf.slabs.length}
						<span class="more">{say.moreHere({ n: shelf.packs - shelf.slabs.length })}</span>
					{/if}
				</div>
				<div class="fill" style="width: {fill * 100}%" class:full={fill > 0.95}></div>
			</div>
			<p class="quiet">
				<a href="/freezer?shelf={shelf.id}">{shelf.name}</a>:
				{#if shelf.packs === 0}{say.empty.replace(', ', '')}{:else}{say.shelfFill({
						litres: roomText(shelf.litres, habit),
						of: roomText(shelf.usableL, habit),
						packs: shelf.packs
					})}{#if fill > 0.95}, <b>{say.full}</b>{/if}{/if}
			</p>
		{/each}
	</div>
	<p class="quiet mt-2">
		<Why
			note={{
				title: say.loadTitle,
				rule: say.loadRule,
				inputs: [{ name: freezer.name, value: roomText(freezer.volumeL, habit) }],
				sources: ['nchfp-freezing']
			}}
			>{say.load({
				added: massText(freezer.addedKg, habit),
				of: massText(freezer.loadKg, habit)
			})}</Why
		>
	</p>
	{#if over}<p class="font-bold">{say.loadOver}</p>{/if}
</section>

<style>
	.cabinet {
		display: grid;
		gap: 2px;
		border: 2.5px solid var(--rim);
		border-radius: 8px;
		padding: 6px 8px 4px;
		background: var(--cold-pale);
	}
	.cabinet.chest {
		border-top-width: 7px;
	}
	.shelf {
		border: 1.5px solid var(--rim);
		border-radius: 4px;
		background: var(--enamel);
		overflow: hidden;
	}
	.slabs {
		display: flex;
		align-items: flex-end;
		flex-wrap: wrap;
		gap: 3px;
		min-height: 38px;
		padding: 4px 4px 2px;
	}
	.slabs a {
		width: 26px;
		background: var(--cold-pale);
		border: 1.5px solid var(--rim);
		border-radius: 3px;
	}
	.more {
		font-weight: 700;
		padding: 4px;
	}
	.fill {
		height: 5px;
		background: var(--cold);
	}
	.fill.full {
		background: var(--mustard);
	}
</style>
