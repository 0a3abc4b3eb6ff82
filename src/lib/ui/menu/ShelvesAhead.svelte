<script lang="ts">
	import FreezerIcon from '@lucide/svelte/icons/refrigerator';
	import { massText, roomText, type Habit } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import Why from '../kit/Why.svelte';
	import Word from '../kit/Word.svelte';

	let {
		shelves,
		planned,
		totals,
		volumeL,
		habit
	}: {
		shelves: readonly { id: number; name: string; slabs: { code: string; thicknessM: number }[] }[];
		/** packs of the day by shelf, litres of each */
		planned: readonly { shelfId: number | null; packs: number; litres: number }[];
		totals: {
			freezeL: number;
			freeL: number;
			loadKg: number;
			waitKg: number;
			fits: boolean;
		};
		/** of all freezers */
		volumeL: number;
		habit: Habit;
	} = $props();
	const say = w.menuDay;
	const inputs = $derived([{ name: say.why.volume, value: roomText(volumeL, habit) }]);
	const wide = 336;
	const tall = 40;
	/** the drawing of a shelf: what lies there, then what comes, squeezed where there is much */
	const drawn = $derived(
		shelves.map((shelf) => {
			const there = shelf.slabs.map((slab) => ({
				tall: Math.min(34, Math.max(8, slab.thicknessM * 560)),
				coming: false
			}));
			const coming = planned
				.filter(({ shelfId }) => shelfId === shelf.id)
				.flatMap(({ packs, litres }) =>
					Array.from({ length: packs }, () => ({
						tall: Math.min(34, 12 + litres * 12),
						coming: true
					}))
				);
			const all = [...there, ...coming];
			const step = Math.min(30, (wide - 8) / Math.max(1, all.length));
			return { ...shelf, all, step };
		})
	);
</script>

<section class="plate grid gap-2" aria-live="polite">
	<div class="plate-head">
		<h2><FreezerIcon size={18} aria-hidden="true" />{say.freezer}</h2>
		<p>
			<b class="figure">{roomText(totals.freezeL, habit)}</b>
			<Why
				note={{ title: say.why.room, rule: say.why.roomRule, inputs, sources: ['appliance-model'] }}
				>{say.ofFree({ free: roomText(totals.freeL, habit) })}</Why
			>
		</p>
	</div>
	<div class="grid gap-1">
		{#each drawn as shelf (shelf.id)}
			<svg viewBox="0 0 {wide} {tall + 4}" role="img" aria-label={shelf.name}>
				<rect
					x="1"
					y="1"
					width={wide - 2}
					height={tall + 2}
					rx="5"
					fill="var(--frost)"
					stroke="var(--rim)"
					stroke-width="1.5"
				/>
				{#each shelf.all as slab, i (i)}
					<rect
						x={5 + i * shelf.step}
						y={tall - slab.tall + 1}
						width={Math.max(3, shelf.step - 3)}
						height={slab.tall}
						rx="3"
						fill={slab.coming ? 'var(--tape)' : 'var(--cold-pale)'}
						stroke="var(--rim)"
						stroke-width="1.4"
						stroke-dasharray={slab.coming ? '3 2' : undefined}
					/>
				{/each}
			</svg>
		{/each}
	</div>
	{#if !totals.fits}<p>
			<Word tone="refused" text={say.tooFull({ free: roomText(totals.freeL, habit) })} />
		</p>{/if}
	<p class="plate-head">
		<Why note={{ title: say.why.load, rule: say.why.loadRule, inputs, sources: ['nchfp-freezing'] }}
			>{say.load({ mass: massText(totals.loadKg, habit) })}</Why
		>
		{#if totals.waitKg > 0.01}
			<Word tone="caution" text={say.overLoad({ mass: massText(totals.waitKg, habit) })} />
		{/if}
	</p>
</section>

<style>
	svg {
		display: block;
		width: 100%;
	}
</style>
