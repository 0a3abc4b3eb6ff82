<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { enhance } from '$app/forms';
	import { hands, handsMinOf, type KeptPlan, type RunSheet } from '$lib/core/schedule';
	import { taskText } from '$lib/present/run-words';
	import { durationText, instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';
	import Why from '../kit/Why.svelte';
	import Word from '../kit/Word.svelte';
	import PlanSearch from './PlanSearch.svelte';

	type PlanSearchState = ComponentProps<typeof PlanSearch>['search'];

	let {
		run,
		plan,
		dishName,
		deadlineMs,
		started,
		zeroMs,
		habit,
		search
	}: {
		run: RunSheet;
		plan: KeptPlan;
		dishName: (id: number) => string;
		deadlineMs: number | null;
		started: boolean;
		zeroMs: number;
		habit: Habit;
		/** a better plan is looked for */
		search: PlanSearchState | null;
	} = $props();
	const endMs = $derived(zeroMs + plan.endMin * 60_000);
	const lateMin = $derived(deadlineMs === null ? null : (endMs - deadlineMs) / 60_000);
	const outlook = $derived(plan.outlook);
	const reason = $derived(
		!outlook
			? ''
			: outlook.heldBy.kind === 'resource'
				? w.runSheet.withResource({
						count: run.capacity[outlook.heldBy.name] ?? 0,
						name: outlook.heldBy.name
					})
				: w.runSheet.withDish({ dish: dishName(outlook.heldBy.dishId) })
	);
	const drops = $derived(
		(outlook?.helps ?? []).flatMap((help) => (help.kind === 'drop-dish' ? [help] : []))
	);
	const enough = $derived(
		lateMin === null ? undefined : drops.filter((help) => help.gainMin >= lateMin).at(-1)
	);
	const texts = $derived(new Map(plan.tasks.map((task) => [task.id, taskText(task)])));
	const handsMin = $derived(
		plan.tasks.reduce((sum, task) => sum + (task.uses?.[hands] ? handsMinOf(task) : 0), 0)
	);
	let busy = $state(false);
	const planning = () => {
		busy = true;
		return async ({ update }: { update: () => Promise<void> }) => {
			await update();
			busy = false;
		};
	};
</script>

<section class="grid gap-2" aria-live="polite">
	<h2 class="quiet">{w.menuDay.theDay}</h2>
	{#each plan.missing as { text, resource } (`${text} ${resource}`)}
		<p class="entry-error">
			{w.runSheet.missing({ text, resource: w.runSheet.resources[resource] ?? resource })}
		</p>
	{/each}
	{#if plan.outcome === 'infeasible'}
		{#if plan.missing.length === 0}<p class="entry-error">{w.runSheet.infeasible}</p>{/if}
	{:else}
		<p class="text-[22px] leading-tight font-bold">
			<Why
				note={{
					title: w.runSheet.why.title,
					rule: w.runSheet.why.rule,
					inputs: [
						{ name: w.runSheet.why.kitchen, value: durationText(handsMin) },
						{ name: w.runSheet.why.washMin, value: durationText(5) }
					],
					sources: []
				}}
				>{w.runSheet.ends({ end: instantText(endMs, habit), all: durationText(plan.endMin) })}</Why
			>
		</p>
		{#if search && !started}
			<PlanSearch {search} {zeroMs} endMin={plan.endMin} {habit} />
		{/if}
		{#if !started}
			<p>
				{plan.endMin - plan.lowerBoundMin < 0.5
					? w.runSheet.isLeast
					: reason
						? w.runSheet.cannot({ bound: durationText(plan.lowerBoundMin), why: reason })
						: w.menuDay.notUnder({ time: durationText(plan.lowerBoundMin) })}
			</p>
		{/if}
		<p>{w.runSheet.washes({ count: plan.changeovers })}</p>
		{#if lateMin !== null && lateMin > 0.5}
			<p>
				<Word tone="refused" text={w.runSheet.late({ by: durationText(lateMin) })} />
				{enough ? w.runSheet.lateDrop({ dish: dishName(enough.dishId) }) : w.runSheet.lateNone}
			</p>
		{:else if lateMin !== null}
			<p><Word tone="good" text={w.runSheet.fits({ spare: durationText(-lateMin) })} /></p>
		{/if}
		{#if plan.waitedTooLong.length > 0}
			<p>
				<Word
					tone="caution"
					text={w.runSheet.waited({
						what: plan.waitedTooLong.map((id) => texts.get(id) ?? id).join(', ')
					})}
				/>
			</p>
		{/if}
		{#if !started && outlook && outlook.helps.length > 0}
			<details>
				<summary class="why min-h-11 py-2">{w.runSheet.heldBack}</summary>
				<p class="quiet">{w.runSheet.helpHow}</p>
				<ul class="grid gap-1">
					{#each outlook.helps.slice(0, 6) as help, i (i)}
						<li class="flex flex-wrap items-center justify-between gap-2">
							{#if help.kind === 'one-more'}
								<span
									>{w.runSheet.oneMore({
										name: help.resource,
										gain: durationText(help.gainMin)
									})}</span
								>
							{:else if help.kind === 'drop-dish'}
								<span
									>{w.runSheet.dropDish({
										dish: dishName(help.dishId),
										gain: durationText(help.gainMin)
									})}</span
								>
							{:else}
								<span
									>{w.runSheet.evening({
										count: help.tasks.length,
										what: texts.get(help.tasks[0]) ?? '',
										gain: durationText(help.gainMin)
									})}</span
								>
								<form method="POST" action="?/evening" use:enhance={planning}>
									<input type="hidden" name="tasks" value={help.tasks.join('\n')} />
									<Press type="submit" look="quiet" disabled={busy}
										>{busy ? w.runSheet.planning : w.runSheet.moveThere}</Press
									>
								</form>
							{/if}
						</li>
					{/each}
				</ul>
			</details>
		{/if}
		{#if !started}
			{#each run.doneBefore as task (task.id)}
				<form method="POST" action="?/onTheDay" use:enhance={planning}>
					<input type="hidden" name="task" value={task.id} />
					<Press type="submit" look="quiet" disabled={busy}
						>{w.runSheet.moveBack({ what: task.text })}</Press
					>
				</form>
			{/each}
		{/if}
	{/if}
</section>
