<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { CookOption } from '$lib/core';
	import type { StartPlan } from '$lib/core/serving';
	import { rulerSpanMin, rulerTickMin } from './ruler-span';
	import { durationText, instantText } from '$lib/present/time';
	import { methodText } from '$lib/present/wording/codes/words';
	import type { Habit } from '$lib/present/units';

	let {
		ways,
		serveAtMs,
		nowMs,
		habit
	}: {
		ways: { option: CookOption & { comeUpMin: number | null }; plan: StartPlan | null }[];
		serveAtMs: number;
		nowMs: number;
		habit: Habit;
	} = $props();

	const minute = 60_000;
	let widthPx = $state(800);
	const spanMin = $derived(
		rulerSpanMin(
			ways.map((way) => way.plan),
			serveAtMs,
			nowMs
		)
	);
	const tickMin = $derived(rulerTickMin(spanMin));
	const at = (ms: number) => 100 * Math.max(0, 1 - (serveAtMs - ms) / minute / spanMin);
	const ticks = $derived.by(() => {
		const result: number[] = [];
		for (let min = 0; min <= spanMin; min += tickMin) result.push(serveAtMs - min * minute);
		return result;
	});

	/** The bar's phases, minutes, laid back from serving; under pressure come-up, hold and release. */
	function phases(
		option: CookOption & { comeUpMin: number | null }
	): { name: string; min: number; tone: string }[] {
		if (!option.totalMin || !option.setMin) return [];
		const { appliance } = option.method;
		if (option.comeUpMin !== null) {
			const rest = option.totalMin.to - option.comeUpMin - option.setMin.to;
			return [
				{ name: w.cookRuler.comeUp, min: option.comeUpMin, tone: 'cold' },
				{ name: w.cookRuler.hold, min: option.setMin.to, tone: 'ember' },
				{ name: w.cookRuler.release, min: rest, tone: 'mustard' }
			];
		}
		const preheatMin = option.preheatMin ?? 0;
		return [
			...(preheatMin > 0 ? [{ name: w.cookRuler.preheat, min: preheatMin, tone: 'mustard' }] : []),
			{
				name: w.appliances[appliance].within,
				min: option.totalMin.to - preheatMin,
				tone: 'ember'
			}
		];
	}
</script>

<div class="ruler" role="group" aria-label={w.cookRuler.title} bind:clientWidth={widthPx}>
	<div class="scale" aria-hidden="true">
		{#each ticks as tick (tick)}
			<span style="left: {at(tick)}%">{instantText(tick, habit)}</span>
		{/each}
	</div>
	{#if nowMs < serveAtMs && at(nowMs) > 0}
		<i class="now" style="left: {at(nowMs)}%" aria-hidden="true"><b>{w.cookRuler.now}</b></i>
	{/if}
	<i class="post" aria-hidden="true"></i>
	{#each ways as { option, plan } (JSON.stringify(option.method))}
		<div class="row">
			<p class="name">
				{methodText(option.method, habit)}:
				<b
					>{option.advice === 'refused'
						? 'refused'
						: plan && !plan.fits
							? w.cookRuler.tooLate
							: option.advice}</b
				>
			</p>
			{#if plan && option.totalMin}
				{#if plan.fits}
					<div class="bar" style="margin-left: {at(plan.startAtMs)}%">
						{#each phases(option) as phase (phase.name)}
							{@const text = `${phase.name} ${durationText(phase.min)}`}
							<span class={phase.tone} style="flex: {phase.min} {phase.min} 0" title={text}>
								{#if (phase.min / spanMin) * widthPx > text.length * 7.5 + 14}<small>{text}</small
									>{:else}<small class="sr-only">{text}</small>{/if}
							</span>
						{/each}
					</div>
				{:else}
					<div class="bar no">
						<small
							>{w.cookRuler.readyAt({
								at: instantText(
									nowMs + (serveAtMs - (plan.takeOutAtMs ?? plan.startAtMs)),
									habit,
									nowMs
								)
							})}</small
						>
					</div>
				{/if}
			{:else}
				<div class="bar no">
					<small>
						{option.computedMin
							? w.cookRuler.refusedAfter({ duration: durationText(option.computedMin.likely) })
							: 'refused'}{option.instead
							? w.cookRuler.better({
									way: methodText(option.instead.method, habit),
									duration: option.instead.state
								})
							: ''}
					</small>
				</div>
			{/if}
		</div>
	{/each}
</div>

<style>
	.ruler {
		position: relative;
		padding-top: 26px;
		border-top: 0;
		margin-right: 18px;
	}
	.scale {
		position: absolute;
		inset: 0 0 auto 0;
		height: 22px;
		border-bottom: 2px solid var(--rim);
	}
	.scale span {
		position: absolute;
		transform: translateX(-50%);
		font-size: 14px;
		white-space: nowrap;
	}
	.scale span::after {
		content: '';
		position: absolute;
		left: 50%;
		top: 21px;
		height: 10px;
		border-left: 2px solid var(--rim);
	}
	.post {
		position: absolute;
		right: -2px;
		top: 20px;
		bottom: 0;
		border-right: 4px solid var(--rim);
	}
	.now {
		position: absolute;
		top: 22px;
		bottom: 0;
		border-left: 2px dashed var(--ember);
	}
	.now b {
		position: absolute;
		bottom: -2px;
		left: 4px;
		color: var(--ember);
		font-style: normal;
		font-size: 14px;
	}
	.row {
		position: relative;
		margin-top: 10px;
	}
	.name {
		font-size: 15px;
		background: color-mix(in srgb, var(--enamel) 75%, transparent);
		width: fit-content;
	}
	.bar {
		display: flex;
		min-height: 26px;
		border: 1.5px solid var(--rim);
		font-size: 14px;
		overflow: hidden;
	}
	.bar span {
		min-width: 0;
		padding: 2px 6px;
		overflow: hidden;
		white-space: nowrap;
		text-overflow: ellipsis;
	}
	.bar span + span {
		border-left: 1.5px solid var(--rim);
	}
	small {
		font-size: 14px;
	}
	.cold {
		background: var(--cold-pale);
	}
	.ember {
		background: var(--ember-pale);
	}
	.mustard {
		background: var(--mustard-pale);
	}
	.bar.no {
		border: 1.5px dashed var(--ember);
		background: var(--ember-pale);
		color: var(--ember);
		font-weight: 600;
		padding: 2px 8px;
	}
	@media (max-width: 767px) {
		.scale span:nth-child(even) {
			display: none;
		}
	}
</style>
