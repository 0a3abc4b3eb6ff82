<script lang="ts">
	import { chosenHabit } from '$lib/present/chosen-habit';
	import * as w from '$lib/present/wording';
	import { dayIn, dayText, instantText } from '$lib/present/time';
	import { lengthText, massText, ovenText } from '$lib/present/units';
	import type { Habit } from '$lib/present/habit';
	import { clock } from '../shell/clock.svelte';
	import Slab from '../kit/Slab.svelte';

	/** A pack as it will be written everywhere, by what is chosen so far. */
	let { typed, habit: kept }: { typed: Record<string, string>; habit: Habit } = $props();
	const habit = $derived(chosenHabit(typed, kept));
	const today = $derived(dayIn(clock.ms, habit.timeZone));
	const sample = { massKg: 0.95, thicknessM: 0.034, lengthM: 0.24, ovenC: 165 };
</script>

<section class="grid gap-2">
	<h2>{w.start.shownSo}</h2>
	<div class="tape">
		<p class="name">{w.start.sampleDish}</p>
		<div class="row">
			<Slab thicknessM={sample.thicknessM} lengthM={sample.lengthM} {habit} small />
			<p>
				<b>{massText(sample.massKg, habit)}</b> · {lengthText(sample.thicknessM, habit)}<br />
				{dayText(today, habit)} · {instantText(clock.ms, habit, clock.ms)} · {ovenText(
					sample.ovenC,
					habit
				)}
			</p>
		</div>
	</div>
</section>

<style>
	.tape {
		display: grid;
		gap: 4px;
		max-width: 420px;
		padding: 10px 14px 12px;
	}
	.name {
		font-size: 19px;
		font-weight: 700;
	}
	.row {
		display: flex;
		align-items: center;
		gap: 14px;
	}
</style>
