<script lang="ts">
	import { w } from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { daysBetween } from '$lib/core/units/day';
	import { dayText } from '$lib/present/time';
	import { massText, tempText, volumeText } from '$lib/present/units';
	import Field from '$lib/ui/Field.svelte';
	import Press from '$lib/ui/Press.svelte';
	import Slab from '$lib/ui/Slab.svelte';
	import Word from '$lib/ui/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	let code = $state(form?.typed ?? '');
	const servings = $derived(data.packs.reduce((sum, pack) => sum + pack.packing.servings, 0));
	const volumeL = $derived(
		data.packs.reduce((sum, { packing: p }) => sum + p.lengthM * p.widthM * p.thicknessM * 1000, 0)
	);
	const roomL = $derived(data.freezers.reduce((sum, freezer) => sum + freezer.volumeL, 0));
	const overdue = $derived(
		data.packs.filter((p) => p.packing.storage.bestBy && p.packing.storage.bestBy < data.today)
			.length
	);

	function due(bestBy: string | null): {
		tone: 'good' | 'caution' | 'refused' | 'cold';
		text: string;
	} {
		if (!bestBy) return { tone: 'caution', text: w.freezer.noDateUseFirst };
		const days = daysBetween(data.today, bestBy);
		if (days < 0)
			return { tone: 'refused', text: w.freezer.overdue(-days, days === -1 ? 'day' : 'days') };
		if (days <= 21)
			return {
				tone: 'caution',
				text: days === 0 ? w.freezer.useToday : `${days} ${days === 1 ? 'day' : 'days'} left`
			};
		return { tone: 'cold', text: w.freezer.weeksLeft(Math.floor(days / 7)) };
	}
</script>

<svelte:head><title>{w.freezer.freezerAlmacen}</title></svelte:head>

<div class="grid gap-5 lg:grid-cols-[1fr_320px]">
	<section class="plate">
		<h1>
			{#if data.packs.length === 0}{w.freezer.theFreezerIsEmpty}{:else}{w.freezer.servings(
					data.packs.length,
					data.packs.length === 1 ? 'pack' : 'packs',
					servings
				)}{/if}
		</h1>
		{#if data.packs.length === 0}
			<p class="mt-2">{w.freezer.packsAppearHereIn}</p>
			<p class="mt-3 flex flex-wrap gap-3">
				<Press href={data.freezers.length ? '/pack' : '/household'} first
					>{data.freezers.length ? w.freezer.divideADishInto : w.freezer.nameYourFreezer}</Press
				>
			</p>
		{:else}
			<p class="quiet">
				{w.freezer.useFirstAtThe}
				{#if overdue > 0}{w.freezer.pastBestStillSafe(
						overdue,
						overdue === 1 ? 'its' : 'their',
						tempText(-18, data.habit)
					)}{/if}
			</p>
			<table class="ledger mt-2">
				<thead>
					<tr>
						<th class="max-md:hidden"><span class="sr-only">{w.freezer.shape}</span></th>
						<th>{w.freezer.pack}</th>
						<th>{w.freezer.bestBy}</th>
						<th class="max-md:hidden">{w.freezer.liesIn}</th>
						<th>{w.freezer.code}</th>
					</tr>
				</thead>
				<tbody>
					{#each data.packs as pack (pack.id)}
						{@const word = due(pack.packing.storage.bestBy)}
						<tr>
							<td class="w-[130px] max-md:hidden">
								<Slab
									thicknessM={pack.packing.thicknessM}
									lengthM={pack.packing.lengthM}
									habit={data.habit}
								/>
							</td>
							<td>
								<a href="/freezer/{pack.code}" class="font-bold">{pack.dish.name}</a><br />
								<span class="quiet">
									{w.freezer.packLine(
										pack.packing.servings,
										massText(pack.packing.massKg, data.habit),
										pack.packing.state,
										pack.number,
										pack.of
									)}
								</span>
							</td>
							<td>
								<span class="whitespace-nowrap"
									>{pack.packing.storage.bestBy
										? dayText(pack.packing.storage.bestBy, data.habit)
										: w.freezer.notKnown}</span
								><br />
								<Word {...word} />
							</td>
							<td class="max-md:hidden">{pack.freezer},<br />{pack.shelf}</td>
							<td class="font-bold tracking-wider">{pack.code}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		{/if}
	</section>
	<aside class="grid content-start gap-5 max-lg:order-first">
		<section class="plate">
			<form
				method="POST"
				action="?/find"
				use:enhance={() =>
					async ({ update }) =>
						update({ reset: false })}
				class="grid gap-3"
				novalidate
			>
				<Field
					name="code"
					label={w.freezer.openAPackBy}
					bind:value={code}
					error={form?.message}
					hint={w.freezer.caseAndSpacesDo}
					autocapitalize="characters"
					spellcheck="false"
				/>
				<Press type="submit" first>{w.freezer.open}</Press>
			</form>
		</section>
		{#each data.freezers as freezer (freezer.id)}
			{@const own = data.packs.filter((p) => freezer.shelves.some((s) => s.id === p.shelfId))}
			<section class="plate max-lg:hidden">
				<h2>{freezer.name}</h2>
				<div class="mt-2 grid gap-1">
					{#each freezer.shelves as shelf (shelf.id)}
						{@const here = own.filter((p) => p.shelfId === shelf.id)}
						<div class="shelf">
							{#each here as pack (pack.id)}
								<a
									href="/freezer/{pack.code}"
									aria-label="{pack.dish.name}, {pack.code}"
									style="height: {Math.min(34, Math.max(8, pack.packing.thicknessM * 500))}px"
								></a>
							{/each}
						</div>
						<span class="quiet">{shelf.name}{here.length === 0 ? w.freezer.empty : ''}</span>
					{/each}
				</div>
			</section>
		{/each}
		{#if data.packs.length > 0 && roomL > 0}
			<p class="quiet max-lg:hidden">
				{w.freezer.aboutOfArePacks(volumeText(volumeL, data.habit), volumeText(roomL, data.habit))}
			</p>
		{/if}
	</aside>
</div>

<style>
	.shelf {
		display: flex;
		align-items: flex-end;
		flex-wrap: wrap;
		gap: 4px;
		min-height: 40px;
		border: 2px solid var(--rim);
		border-radius: 5px;
		padding: 4px;
	}
	.shelf a {
		width: 30px;
		background: var(--cold-pale);
		border: 1.5px solid var(--rim);
		border-radius: 3px;
	}
</style>
