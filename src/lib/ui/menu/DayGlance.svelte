<script lang="ts">
	import ClockIcon from '@lucide/svelte/icons/clock';
	import type { KeptPlan } from '$lib/core/schedule';
	import { durationText } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import Why from '../kit/Why.svelte';

	let {
		plan,
		dayId,
		handsMin,
		longest
	}: {
		/** as the run sheet has it; null: not planned yet */
		plan: Pick<KeptPlan, 'tasks' | 'startMin' | 'endMin' | 'lowerBoundMin'> | null;
		dayId: number;
		handsMin: number;
		longest: { dish: string; minutes: number } | null;
	} = $props();
	const say = w.menuDay;
	const heat = ['burner', 'pressure-cooker', 'slow-cooker', 'microwave'];
	const groups: { name: string; uses: readonly string[]; fill: string }[] = [
		{ name: w.menuDay.glance.hands, uses: ['hands'], fill: 'var(--rim)' },
		{ name: w.menuDay.glance.hob, uses: heat, fill: 'var(--ember-pale)' },
		{ name: w.menuDay.glance.oven, uses: ['oven'], fill: 'var(--mustard-pale)' },
		{ name: w.menuDay.glance.cool, uses: ['ice-bath', 'refrigerator'], fill: 'var(--cold-pale)' }
	];
	const rows = $derived(
		plan
			? groups.map((group) => ({
					...group,
					bars: plan.tasks.flatMap((task) => {
						const cools = task.kind === 'cool' && group.name === say.glance.cool;
						if (!cools && !group.uses.some((name) => (task.uses?.[name] ?? 0) > 0)) return [];
						const fromMin = plan.startMin[task.id] ?? 0;
						const handsOnly = group.uses[0] === 'hands' ? task.handsMin : undefined;
						return [{ id: task.id, fromMin, forMin: handsOnly ?? task.durationMin }];
					})
				}))
			: []
	);
</script>

<section class="plate grid gap-2">
	<div class="plate-head">
		<h2><ClockIcon size={18} aria-hidden="true" />{say.theDay}</h2>
		<p>
			{#if plan}<b class="figure">{durationText(plan.endMin)}</b>
				{say.notUnder({ time: durationText(plan.lowerBoundMin) })}{/if}
		</p>
	</div>
	{#each rows as { name, bars, fill } (name)}
		<div class="lane">
			<span>{name}</span>
			<svg viewBox="0 0 1000 16" preserveAspectRatio="none" role="img" aria-label={name}>
				{#each bars as bar (bar.id)}
					<rect
						x={(bar.fromMin / (plan?.endMin || 1)) * 1000}
						y="1"
						width={Math.max(3, (bar.forMin / (plan?.endMin || 1)) * 1000 - 2)}
						height="14"
						{fill}
						stroke="var(--rim)"
						stroke-width="1"
						vector-effect="non-scaling-stroke"
					/>
				{/each}
			</svg>
		</div>
	{/each}
	<p class="quiet">
		<Why note={{ title: say.why.hours, rule: say.why.hoursRule, inputs: [], sources: [] }}
			>{say.hours({ hands: durationText(handsMin) })}</Why
		>{#if longest}; {say.longest({
				dish: longest.dish,
				time: durationText(longest.minutes)
			})}{/if}.
		{#if !plan}<a href="/prep/{dayId}/run">{say.makeSheet}</a>{/if}
	</p>
</section>

<style>
	.lane {
		display: grid;
		grid-template-columns: 48px 1fr;
		align-items: center;
		gap: 8px;
		font-size: 14px;
	}
	svg {
		width: 100%;
		height: 16px;
	}
</style>
