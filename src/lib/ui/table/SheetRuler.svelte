<script lang="ts">
	import * as w from '$lib/present/wording';
	import type { CookSheet } from '$lib/core/serving';
	import { instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';

	/** A meal's phases on a ruler that ends at serving; `nowMs` null: it is not begun. */
	let { sheet, habit, nowMs }: { sheet: CookSheet; habit: Habit; nowMs: number | null } = $props();

	const phases = $derived(
		sheet.steps.filter(
			({ kind, atMs, untilMs }) => untilMs > atMs && kind !== 'side' && kind !== 'late'
		)
	);
	const endMs = $derived(sheet.serveAtMs);
	/** a night of thawing would leave the evening no room: it is cut off at four times what follows it */
	const fromMs = $derived.by(() => {
		const first = Math.min(...phases.map(({ atMs }) => atMs), endMs - 60_000);
		const hot = phases.filter(({ kind }) => kind !== 'take-out' && kind !== 'into-water');
		const hotFrom = Math.min(...hot.map(({ atMs }) => atMs), endMs - 60_000);
		return Math.max(first, hotFrom - (endMs - hotFrom) / 2);
	});
	const at = (ms: number) =>
		(100 * (Math.min(endMs, Math.max(fromMs, ms)) - fromMs)) / Math.max(1, endMs - fromMs);
	/** as drawn; a phone's until it is */
	let widthPx = $state(340);
	const hasRoom = (text: string, share01: number) => share01 * widthPx > text.length * 7.5 + 15;
	const ticks = $derived(Array.from({ length: 4 }, (_, i) => fromMs + ((endMs - fromMs) * i) / 3));
	const cold = new Set(['take-out', 'into-water']);
	const nameOf = (kind: string, i: number) =>
		kind === 'in' && phases[i + 1]?.kind === 'at-pressure'
			? w.cookSheet.comeUp
			: kind === 'move'
				? w.cookSheet.phases.in
				: (w.cookSheet.phases[kind] ?? '');
</script>

<div class="ruler" role="group" aria-label={w.cookSheet.ruler} bind:clientWidth={widthPx}>
	<div class="scale" aria-hidden="true">
		{#each ticks as tick, i (i)}<span
				class:first={i === 0}
				class:last={i === 3}
				style:left="{at(tick)}%">{instantText(tick, habit)}</span
			>{/each}
	</div>
	<div class="track">
		{#each phases as phase, i (phase.id)}
			{@const name = nameOf(phase.kind, i)}
			{@const wide = at(phase.untilMs) - at(phase.atMs)}
			<span
				class="bar"
				class:cold={cold.has(phase.kind)}
				class:warm={phase.kind === 'preheat' || phase.kind === 'release'}
				class:still={phase.kind === 'measure' || phase.kind === 'rest' || phase.kind === 'keep-hot'}
				style:left="{at(phase.atMs)}%"
				style:width="{wide}%"
				title="{name} {instantText(phase.atMs, habit)}"
				>{#if hasRoom(name, wide / 100)}{name}{:else}<span class="sr-only">{name}</span>{/if}</span
			>
		{/each}
		{#if nowMs !== null && nowMs >= fromMs && nowMs <= endMs}
			<span class="now" style:left="{at(nowMs)}%"
				><span class="sr-only">{w.cookSheet.now} {instantText(nowMs, habit)}</span></span
			>
		{/if}
	</div>
</div>

<style>
	.scale {
		position: relative;
		height: 20px;
		border-bottom: 2px solid var(--rim);
		font-size: 14px;
		color: var(--soft);
	}
	.scale span {
		position: absolute;
		transform: translateX(-50%);
		white-space: nowrap;
	}
	.scale .first {
		transform: none;
	}
	.scale .last {
		transform: translateX(-100%);
		font-weight: 700;
	}
	.track {
		position: relative;
		height: 34px;
		border-right: 3px solid var(--rim);
	}
	.bar {
		position: absolute;
		top: 5px;
		height: 24px;
		padding: 0 6px;
		overflow: hidden;
		border: 1.5px solid var(--rim);
		border-radius: 4px;
		background: var(--ember-pale);
		font-size: 14px;
		line-height: 21px;
		white-space: nowrap;
	}
	.bar.cold {
		background: var(--cold-pale);
	}
	.bar.warm {
		background: var(--mustard-pale);
	}
	.bar.still {
		background: var(--enamel);
	}
	.now {
		position: absolute;
		top: -6px;
		bottom: -2px;
		width: 3px;
		margin-left: -1px;
		background: var(--ember);
	}
</style>
