<script lang="ts">
	import { enhance } from '$app/forms';
	import type { AsIf } from '$lib/core/serving';
	import type { Habit } from '$lib/present/habit';
	import { lengthText, massText, volumeText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import Choice from '../kit/Choice.svelte';
	import Press from '../kit/Press.svelte';
	import Slab from '../kit/Slab.svelte';

	let {
		change = $bindable(),
		packed,
		habit,
		note,
		kept
	}: {
		/** null: as it was packed */
		change: AsIf | null;
		packed: {
			thicknessM: number;
			massKg: number;
			lengthM: number;
			mobility: number;
			liquidKg: number;
		};
		habit: Habit;
		note: string;
		/** what is kept of this pack already */
		kept: AsIf | null;
	} = $props();

	const now = $derived<AsIf>(
		change ?? {
			thicknessM: packed.thicknessM,
			massKg: packed.massKg,
			count: 1,
			arrangement: 'stacked'
		}
	);
	const set = (part: Partial<AsIf>) => (change = { ...now, ...part });
	const valueOf = (event: Event) => Number((event.currentTarget as HTMLInputElement).value);
</script>

{#snippet slider(slide: {
	label: string;
	shown: string;
	range: [number, number, number];
	value: number;
	moved: (value: number) => void;
})}
	<label class="slide">
		<span>{slide.label} <b>{slide.shown}</b></span>
		<input
			type="range"
			min={slide.range[0]}
			max={slide.range[1]}
			step={slide.range[2]}
			value={Math.round(slide.value)}
			aria-valuetext={slide.shown}
			oninput={(event) => slide.moved(valueOf(event))}
		/>
	</label>
{/snippet}

<details open={Boolean(change || kept) || undefined}>
	<summary class="more">{w.whatIf.title}</summary>
	<fieldset class="grid gap-2">
		<legend class="sr-only">{w.whatIf.title}</legend>
		<div class="flex flex-wrap items-center gap-x-6 gap-y-2">
			{@render slider({
				label: w.whatIf.thickness,
				shown: lengthText(now.thicknessM, habit),
				range: [10, 100, 1],
				value: now.thicknessM * 1000,
				moved: (mm) => set({ thicknessM: mm / 1000 })
			})}
			{@render slider({
				label: w.whatIf.weight,
				shown: massText(now.massKg, habit),
				range: [100, 4000, 50],
				value: now.massKg * 1000,
				moved: (grams) => set({ massKg: grams / 1000 })
			})}
			<Choice
				name="together"
				label={w.whatIf.together}
				value={String(now.count)}
				onchange={(event: Event) => set({ count: valueOf(event) })}
				items={['1', '2', '3', '4'].map((value) => ({ value, name: value }))}
			/>
			{#if now.count > 1}
				<Choice
					name="arrangement"
					label={w.whatIf.lie}
					value={now.arrangement}
					onchange={(event: Event) =>
						set({
							arrangement: (event.currentTarget as HTMLSelectElement).value as AsIf['arrangement']
						})}
					items={[
						{ value: 'stacked', name: w.whatIf.stacked },
						{ value: 'side-by-side', name: w.whatIf.sideBySide }
					]}
				/>
			{/if}
			<details class="w-full">
				<summary class="entry-label" style="display: list-item; cursor: pointer"
					>{w.whatIf.more}</summary
				>
				<div class="flex flex-wrap gap-x-6">
					{@render slider({
						label: w.whatIf.looseness,
						shown: w.whatIf.loose({ factor: now.mobility ?? packed.mobility }),
						range: [10, 50, 1],
						value: (now.mobility ?? packed.mobility) * 10,
						moved: (tenths) => set({ mobility: tenths / 10 })
					})}
					{@render slider({
						label: w.whatIf.liquid,
						shown: volumeText(now.liquidKg ?? packed.liquidKg, habit),
						range: [0, 1000, 50],
						value: (now.liquidKg ?? packed.liquidKg) * 1000,
						moved: (grams) => set({ liquidKg: grams / 1000 })
					})}
				</div>
			</details>
			{#if change || kept}
				<form
					method="POST"
					action="?/assume"
					use:enhance={() =>
						({ update }) =>
							update({ reset: false })}
				>
					<input type="hidden" name="assumed" value={change ? JSON.stringify(change) : ''} />
					<Press type="submit">{change ? w.whatIf.keep : w.whatIf.forget}</Press>
				</form>
			{/if}
			{#if change}
				<Slab thicknessM={now.thicknessM} lengthM={packed.lengthM} {habit} planned />
				<Press onclick={() => (change = null)}>{w.whatIf.asPacked}</Press>
			{/if}
		</div>
	</fieldset>
</details>
<p class="quiet" role="status" style="min-height: 20px">
	{note}
	{#if change}<b
			>{w.whatIf.notTheLabel({
				count: now.count,
				thickness: lengthText(now.thicknessM, habit),
				mass: massText(now.massKg, habit)
			})}</b
		>{/if}
</p>

<style>
	.more {
		min-height: 44px;
		padding: 10px 0;
		font-weight: 700;
		cursor: pointer;
	}
	.slide {
		display: grid;
		flex: 1 1 220px;
		max-width: 340px;
	}
	.slide input {
		height: 48px;
		width: 100%;
		accent-color: var(--rim);
		cursor: pointer;
	}
</style>
