<script lang="ts">
	import type { LikelyTimes } from '$lib/core';
	import type { Habit } from '$lib/present/habit';
	import { durationText } from '$lib/present/time';
	import { methodText } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';

	let { times, habit }: { times: LikelyTimes; habit: Habit } = $props();
</script>

<section class="plate grid content-start gap-2" aria-busy="true">
	<h2>{methodText(times.method, habit)}</h2>
	{#if times.setMin !== null}
		<p><b class="text-xl">{w.cookWay.about({ duration: durationText(times.setMin) })}</b></p>
	{/if}
	<p class="quiet">{w.cookWay.rangeComing}</p>
</section>
