<script lang="ts">
	import { enhance } from '$app/forms';
	import { dayText, durationText, instantText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { containerText, coreWords } from '$lib/present/words';
	import BestBy from '$lib/ui/BestBy.svelte';
	import { clock } from '$lib/ui/clock.svelte';
	import Press from '$lib/ui/Press.svelte';
	import Slab from '$lib/ui/Slab.svelte';
	import CookedNote from '$lib/ui/CookedNote.svelte';
	import Why from '$lib/ui/Why.svelte';
	import Word from '$lib/ui/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const pack = $derived(data.pack);
	const packing = $derived(pack.packing);
	const thaw = $derived(data.thaw.refrigerator);
</script>

<svelte:head><title>{pack.code} · {pack.dish.name} · Almacen</title></svelte:head>

{#if pack.status === 'cooked'}<CookedNote cookedAtMs={pack.cookedAtMs} habit={data.habit} />{/if}
{#if form?.message}<p class="entry-error mb-3" role="alert">{form.message}</p>{/if}

<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<section class="plate grid gap-3">
		<div class="flex flex-wrap items-center justify-between gap-3">
			<h1>{pack.dish.name}</h1>
			<span class="tape text-xl font-bold tracking-widest">{pack.code}</span>
		</div>
		<div class="flex flex-wrap items-center gap-4">
			<Slab thicknessM={packing.thicknessM} lengthM={packing.lengthM} habit={data.habit} />
			<p>
				{packing.servings} servings · {massText(packing.massKg, data.habit)}
				<Word tone={packing.state === 'raw' ? 'caution' : 'cold'} text={packing.state} /><br />
				<span class="quiet">
					pack {pack.number} of {pack.of} · {containerText(packing.container, data.habit)} · {lengthText(
						packing.thicknessM,
						data.habit
					)} thick
				</span>
			</p>
		</div>
		<p>
			Packed {dayText(packing.packedOn, data.habit)} · best by
			<BestBy packedOn={packing.packedOn} storage={packing.storage} habit={data.habit} />
		</p>
		<p>Lies in {pack.freezer}, {pack.shelf}.</p>
		{#if packing.allergens.length > 0}<p>Contains {packing.allergens.join(', ')}.</p>{/if}
		{#if pack.dish.addOnDay}<p>On the day: {pack.dish.addOnDay}</p>{/if}
		<p class="quiet">
			Done at {tempText(packing.coreC, data.habit)} in the middle ({coreWords[packing.core]}).
		</p>
	</section>
	<section class="plate grid content-start gap-3">
		<h2>Next</h2>
		{#if pack.status === 'frozen'}
			<Press href="/table/{pack.code}" first>Cook it: card and times</Press>
			<form method="POST" action="?/cooked" use:enhance class="grid">
				<Press type="submit">Mark it cooked</Press>
			</form>
		{/if}
		<Press href="/pack/{packing.id}">Its labels</Press>
		<p>
			Thawing in the refrigerator at {tempText(data.refrigeratorC, data.habit)}:
			{#if thaw.thawedMin !== null}
				bends in about {thaw.pliableMin === null ? '–' : durationText(thaw.pliableMin)}, free of ice
				in about
				<Why
					note={{
						title: 'Thawing',
						rule: 'Until no ice is left at its coldest point, for one pack with air on every side; it bends when 70 % of the heat is in. Allow half as much again. On a tray, lowest shelf, when it is raw.',
						inputs: [
							{ name: 'thickness', value: lengthText(packing.thicknessM, data.habit) },
							{ name: 'refrigerator', value: tempText(data.refrigeratorC, data.habit) }
						],
						sources: ['appliance-model', 'choi-okos-1986']
					}}><b>{durationText(thaw.thawedMin)}</b></Why
				>.
			{:else}
				it does not thaw through there.
			{/if}
		</p>
	</section>
</div>
