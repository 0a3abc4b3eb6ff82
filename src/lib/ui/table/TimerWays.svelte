<script lang="ts">
	import { timerMin, type TimerWay } from '$lib/core/published/kitchen-timers';
	import type { Habit } from '$lib/present/habit';
	import { rangeText } from '$lib/present/time';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';

	let { massKg, servings, habit }: { massKg: number; servings: number; habit: Habit } = $props();

	const lines = $derived.by(() => {
		const asked: [TimerWay, number, (shown: { mass: string; time: string }) => string][] = [
			['hob', massKg, w.timers.hob],
			['microwave', massKg / servings, w.timers.microwave],
			['water-bath', massKg, w.timers.waterBath]
		];
		return asked.flatMap(([way, kg, say]) => {
			const time = timerMin(way, kg);
			return time ? [say({ mass: massText(kg, habit), time: rangeText(time.from, time.to) })] : [];
		});
	});
</script>

{#if lines.length > 0}
	<section class="plate mt-4">
		<h2>{w.timers.title}</h2>
		<ul class="list-disc pl-5">
			{#each lines as line (line)}<li>{line}</li>{/each}
		</ul>
		<p class="quiet">{w.timers.source}</p>
	</section>
{/if}
