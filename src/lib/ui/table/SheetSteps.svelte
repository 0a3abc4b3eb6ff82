<script lang="ts">
	import CheckIcon from '@lucide/svelte/icons/check';
	import type { Snippet } from 'svelte';
	import type { CookSheet, SheetPlan, SheetStep } from '$lib/core/serving';
	import { stepText, type StepFacts } from '$lib/present/sheet-words';
	import { instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';

	/** A meal's steps by the clock, those that take hands or say what goes on. */
	let {
		sheet,
		plan,
		facts,
		habit,
		nowMs,
		nextId = null,
		act
	}: {
		sheet: CookSheet;
		plan: SheetPlan;
		facts: StepFacts;
		habit: Habit;
		nowMs: number;
		/** the step that is next */
		nextId?: string | null;
		/** what can be done with a step that was done */
		act?: Snippet<[SheetStep, string]>;
	} = $props();
</script>

<ol>
	{#each sheet.steps as step (step.id)}
		{@const text = stepText(step, plan, facts, habit)}
		<li class:done={step.doneAtMs !== null} aria-current={step.id === nextId ? 'step' : undefined}>
			<b class="at">{instantText(step.doneAtMs ?? step.atMs, habit, nowMs)}</b>
			<span>
				<b class="what">{text.what}</b>
				{#if text.how}<br /><span class="quiet">{text.how}</span>{/if}
			</span>
			{#if step.doneAtMs !== null}
				<span class="tail">
					<CheckIcon size={19} aria-hidden="true" /><span class="sr-only">✓</span>
					{#if step.hands}{@render act?.(step, text.what)}{/if}
				</span>
			{/if}
		</li>
	{/each}
</ol>

<style>
	li {
		display: grid;
		grid-template-columns: 64px minmax(0, 1fr) auto;
		gap: 4px 10px;
		min-height: 48px;
		padding: 7px 0;
		border-top: 1px solid var(--hair);
	}
	li:first-child {
		border-top: 0;
	}
	.at {
		font-size: 17px;
	}
	.what {
		font-weight: 600;
		font-size: 17px;
		line-height: 1.25;
	}
	.done .at,
	.done .what {
		color: var(--soft);
		font-weight: 500;
	}
	li[aria-current] {
		margin: 0 -8px;
		padding: 7px 8px;
		background: var(--tape);
	}
	.tail {
		display: flex;
		align-items: center;
		color: var(--leaf);
	}
</style>
