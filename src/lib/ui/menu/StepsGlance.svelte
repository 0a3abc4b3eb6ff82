<script lang="ts">
	import HandIcon from '@lucide/svelte/icons/hand';
	import { type DishStep, handsMin, stepStartsMin } from '$lib/core/steps';
	import { durationText } from '$lib/present/time';
	import * as w from '$lib/present/wording';

	let { steps, cookDay }: { steps: readonly DishStep[]; cookDay: readonly string[] } = $props();
	const starts = $derived(stepStartsMin(steps));
	const endMin = $derived(Math.max(1, ...steps.map(({ minutes }, i) => starts[i] + minutes)));
</script>

{#if steps.length === 0}
	<p>{w.steps.none}</p>
{:else}
	<p class="quiet">
		{w.steps.glance({ hands: durationText(handsMin(steps, 1)), all: durationText(endMin) })}
	</p>
	<ol>
		{#each steps as step, i (i)}
			<li>
				<span class="n">{i + 1}</span>
				<b>{step.text}</b>
				<span class="hand">
					{#if step.hands}<HandIcon size={17} aria-hidden="true" /><span class="sr-only"
							>{w.steps.hands}</span
						>{/if}
				</span>
				<span class="quiet"
					>{w.steps.places[step.place]}{#if step.after.length > 0}, {w.steps.afterThese({
							steps: step.after.map((before) => before + 1).join(', ')
						})}{/if}</span
				>
				<svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
					<rect
						x={(starts[i] / endMin) * 100}
						y="1"
						width={Math.max(1, (step.minutes / endMin) * 100)}
						height="8"
						rx="1.5"
						fill={step.hands ? 'var(--rim)' : 'var(--ember-pale)'}
						stroke="var(--rim)"
						vector-effect="non-scaling-stroke"
					/>
				</svg>
				<span class="min">{durationText(step.minutes)}</span>
			</li>
		{/each}
	</ol>
	{#if cookDay.length > 0}
		<p class="quiet mt-1">{w.steps.cookDay({ sentences: cookDay.join('. ') })}</p>
	{/if}
{/if}

<style>
	li {
		display: grid;
		grid-template-columns: 20px minmax(0, 1fr) 20px 170px 150px 66px;
		align-items: center;
		gap: 10px;
		min-height: 36px;
		padding: 4px 0;
		border-top: 1px solid var(--hair);
	}
	.n {
		color: var(--soft);
		font-size: 14px;
	}
	.min {
		text-align: right;
		font-weight: 700;
		white-space: nowrap;
	}
	svg {
		width: 100%;
		height: 12px;
	}
	@media (max-width: 767px) {
		li {
			grid-template-columns: 20px minmax(0, 1fr) 20px 66px;
		}
		li .quiet,
		svg {
			display: none;
		}
	}
</style>
