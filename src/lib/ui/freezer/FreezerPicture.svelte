<script lang="ts">
	import * as w from '$lib/present/wording';
	import { qualityC, qualityLossFactor } from '$lib/core/storage';
	import { massText, tempText, roomText, type Habit } from '$lib/present/units';
	import FreezerIcon from '@lucide/svelte/icons/refrigerator';
	import { bestByWord } from '$lib/present/best-by-word';
	import Why from '../kit/Why.svelte';

	interface Shelf {
		id: number;
		name: string;
		usableL: number;
		litres: number;
		packs: number;
		slabs: { code: string; name: string; thicknessM: number; bestBy: string | null }[];
	}
	let {
		freezer,
		habit,
		today
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
		/** YYYY-MM-DD */
		today: string;
	} = $props();
	const say = w.freezer;
	const over = $derived(freezer.addedKg > freezer.loadKg);
</script>

<section class="plate">
	<div class="head">
		<h2><FreezerIcon size={19} aria-hidden="true" />{freezer.name}</h2>
		<p class="quiet">{tempText(freezer.setC, habit)} · {say.kinds[freezer.kind]}</p>
		<p class="quiet load">
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
	</div>
	{#if freezer.setC > qualityC}
		<p class="font-bold">
			{w.freezerFields.warm({
				times: qualityLossFactor(freezer.setC).toFixed(1),
				usual: tempText(qualityC, habit)
			})}
		</p>
	{/if}
	{#if over}<p class="font-bold">{say.loadOver}</p>{/if}
	{#each freezer.shelves as shelf (shelf.id)}
		{@const fill = Math.min(1, shelf.litres / shelf.usableL)}
		<p class="name">
			<a href="/freezer?shelf={shelf.id}">{shelf.name}</a>
			<span class="quiet"
				>{#if shelf.packs > 0}{say.shelfFill({
						litres: roomText(shelf.litres, habit),
						of: roomText(shelf.usableL, habit),
						packs: shelf.packs
					})}{#if fill > 0.95}, <b>{say.full}</b>{/if}{/if}</span
			>
		</p>
		<figure class="shelf">
			<div class="slabs">
				{#each shelf.slabs as slab (slab.code)}
					{@const when = bestByWord(slab.bestBy, today)}
					<a
						href="/freezer/{slab.code}"
						class={when.tone}
						aria-label="{slab.name}, {slab.code}, {when.text}"
						title="{slab.name}, {slab.code}, {when.text}"
						><svg
							height={Math.min(44, Math.max(10, slab.thicknessM * 620))}
							viewBox="0 0 10 10"
							preserveAspectRatio="none"
							aria-hidden="true"><rect width="10" height="10" /></svg
						></a
					>
				{/each}
				{#if shelf.packs === 0}<span class="quiet">{say.empty.replace(', ', '')}</span>{/if}
				{#if shelf.packs > shelf.slabs.length}
					<span class="more">{say.moreHere({ n: shelf.packs - shelf.slabs.length })}</span>
				{/if}
			</div>
			<div class="fill" style="width: {fill * 100}%" class:full={fill > 0.95}></div>
		</figure>
	{/each}
</section>

<style>
	.plate {
		padding: 10px 14px 12px;
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 0 12px;
	}
	.load {
		margin-left: auto;
	}
	h2 {
		display: flex;
		align-items: center;
		gap: 7px;
	}
	.name {
		display: flex;
		justify-content: space-between;
		gap: 10px;
		padding-top: 3px;
		font-size: 14px;
		font-weight: 700;
	}
	.name .quiet {
		font-weight: 400;
	}
	.shelf {
		border: 2px solid var(--rim);
		border-radius: 6px;
		background: var(--frost);
		overflow: hidden;
	}
	.slabs {
		display: flex;
		align-items: flex-end;
		gap: 3px;
		min-height: 50px;
		padding: 4px 5px 2px;
	}
	.slabs a {
		flex: 0 1 38px;
		min-width: 8px;
	}
	.slabs svg {
		display: block;
		width: 100%;
		border: 1.5px solid var(--rim);
		border-radius: 4px;
		fill: var(--cold-pale);
	}
	.slabs a.caution svg {
		fill: var(--mustard-pale);
	}
	.slabs a.refused svg {
		fill: var(--ember-pale);
	}
	.more {
		font-weight: 700;
		padding: 4px;
	}
	.fill {
		height: 4px;
		background: var(--cold);
	}
	.fill.full {
		background: var(--mustard);
	}
	@media (max-width: 767px) {
		.load {
			margin-left: 0;
		}
	}
</style>
