<script lang="ts">
	import { instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';

	let {
		search,
		zeroMs,
		endMin,
		habit
	}: {
		search: {
			phase: 'cooling' | 'order' | 'help';
			done01: number;
			endMin: number | null;
		};
		zeroMs: number;
		/** end of the plan that is shown */
		endMin: number;
		habit: Habit;
	} = $props();
	/** shares of the whole that the phases take (judgement) */
	const spans = { cooling: [0, 0.3], order: [0.3, 0.7], help: [0.7, 1] } as const;
	const share = $derived.by(() => {
		const [from, to] = spans[search.phase];
		return from + (to - from) * (search.phase === 'cooling' ? 0.5 : search.done01);
	});
	const words = $derived(
		search.phase === 'cooling'
			? w.runSheet.searchingCooling
			: search.phase === 'help'
				? w.runSheet.searchingHelp
				: w.runSheet.searching({
						end: instantText(zeroMs + (search.endMin ?? endMin) * 60_000, habit)
					})
	);
</script>

<div class="grid gap-1" role="status">
	<p>{words}</p>
	<progress max="1" value={share} aria-label={words}></progress>
</div>

<style>
	progress {
		width: 100%;
		height: 10px;
		accent-color: var(--accent, var(--cold));
	}
</style>
