<script lang="ts">
	import type { KeptPlan, PlanReason } from '$lib/core/schedule';
	import { taskText } from '$lib/present/run-words';
	import { durationText, instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';

	let { plan, zeroMs, habit }: { plan: KeptPlan; zeroMs: number; habit: Habit } = $props();
	const texts = $derived(new Map(plan.tasks.map((task) => [task.id, taskText(task)])));
	/** moved tasks that are told by name */
	const told = 4;

	function reason({ kind, key, value }: PlanReason): string {
		const what = texts.get(key) ?? w.runSheet.lanes[key] ?? key;
		const by = durationText(value ?? 0);
		switch (kind) {
			case 'tick':
			case 'untick':
				return '';
			case 'start':
			case 'end':
			case 'undo':
				return w.runSheet.because[kind];
			case 'late':
			case 'pause':
				return w.runSheet.because[kind]({ what, by });
			case 'begin':
			case 'finish':
			case 'skip':
			case 'again':
			case 'move':
			case 'slow':
				return w.runSheet.because[kind]({ what });
		}
	}
	const big = $derived(plan.because.some(({ kind }) => kind !== 'begin' && kind !== 'finish'));
</script>

{#if plan.because.length > 0 && (plan.moved.length > 0 || big)}
	<section aria-live="polite">
		<h2>{w.runSheet.movedTitle}</h2>
		<p>
			{w.runSheet.becauseOf({ reasons: plan.because.map(reason).filter(Boolean).join('; ') })}
			{plan.moved.length === 0
				? w.runSheet.movedNone
				: w.runSheet.movedCount({ count: plan.moved.length })}
		</p>
		{#if plan.moved.length > 0}
			<ul>
				{#each plan.moved.slice(0, told) as { id, byMin } (id)}
					<li>{@render moved(id, byMin)}</li>
				{/each}
			</ul>
			{#if plan.moved.length > told}
				<details>
					<summary>{w.runSheet.movedRest({ count: plan.moved.length - told })}</summary>
					<ul>
						{#each plan.moved.slice(told) as { id, byMin } (id)}
							<li>{@render moved(id, byMin)}</li>
						{/each}
					</ul>
				</details>
			{/if}
		{/if}
	</section>
{/if}

{#snippet moved(id: string, byMin: number)}
	{w.runSheet.movedBy({
		what: texts.get(id) ?? id,
		by:
			byMin > 0
				? w.runSheet.later10({ by: durationText(byMin) })
				: w.runSheet.earlier10({ by: durationText(-byMin) }),
		at: instantText(zeroMs + (plan.startMin[id] ?? 0) * 60_000, habit)
	})}
{/snippet}
