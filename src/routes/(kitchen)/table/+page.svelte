<script lang="ts">
	import * as w from '$lib/present/wording';
	import { rulerSpanMin, rulerTickMin } from '$lib/ui/table/ruler-span';
	import { instantText } from '$lib/present/time';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const { serveAtMs, nowMs } = $derived(data.asked);
	/** so many are a picture; the list has all of them */
	const mostDrawn = 24;
	const able = $derived(
		data.ways.flatMap(({ pack, evening }) =>
			evening instanceof Promise || !evening?.best ? [] : [{ pack, best: evening.best }]
		)
	);
	const can = $derived(able.slice(0, mostDrawn));
	const spanMin = $derived(
		rulerSpanMin(
			can.map(({ best }) => best),
			serveAtMs,
			nowMs
		)
	);
	const at = (ms: number) => 100 * Math.max(0, 1 - (serveAtMs - ms) / 60_000 / spanMin);
	const ticks = $derived(
		Array.from(
			{ length: Math.floor(spanMin / rulerTickMin(spanMin)) + 1 },
			(_, i) => serveAtMs - i * rulerTickMin(spanMin) * 60_000
		)
	);
</script>

<svelte:head><title>{w.table.pageTitle}</title></svelte:head>

<PageHead title={w.table.allOnOne({ at: instantText(serveAtMs, data.habit, nowMs) })} />
{#if can.length > 0}
	<section class="plate">
		<div class="sheet" role="group" aria-label={w.table.rulerOf}>
			<div class="scale" aria-hidden="true">
				{#each ticks as tick (tick)}<span style:left="{at(tick)}%"
						>{instantText(tick, data.habit)}</span
					>{/each}
			</div>
			{#each can as { pack, best } (pack.id)}
				{@const outMs = best.takeOutAtMs}
				<a class="row" href="/table/{pack.code}?{data.asked.query}">
					<span class="name">{pack.name}</span>
					<span class="track">
						{#if outMs !== null}
							<i
								class="thaws"
								style:left="{at(outMs)}%"
								style:width="{at(best.startAtMs) - at(outMs)}%"
							></i>
						{/if}
						<i
							class="cooks"
							style:left="{at(best.startAtMs)}%"
							style:width="{100 - at(best.startAtMs)}%"
						></i>
					</span>
				</a>
			{/each}
		</div>
		<p class="quiet key">
			<span><i class="thaws"></i>{w.table.thaws}</span>
			<span><i class="cooks"></i>{w.table.cooks}</span>
		</p>
	</section>
	<p class="quiet mt-3">
		{#if able.length > can.length}{w.table.firstDrawn({ n: can.length })}{/if}
		{w.table.chooseOne}
	</p>
{/if}

<style>
	.scale {
		position: relative;
		height: 22px;
		margin-left: 200px;
		border-bottom: 2px solid var(--rim);
		font-size: 14px;
		color: var(--soft);
	}
	.scale span {
		position: absolute;
		transform: translateX(-50%);
		white-space: nowrap;
	}
	.row {
		display: grid;
		grid-template-columns: 190px minmax(0, 1fr);
		align-items: center;
		gap: 10px;
		min-height: 44px;
		border-top: 1px solid var(--hair);
		text-decoration: none;
	}
	.row:hover {
		background: var(--cold-pale);
	}
	.name {
		font-weight: 700;
	}
	.track {
		position: relative;
		height: 44px;
		border-right: 3px solid var(--rim);
	}
	i {
		position: absolute;
		top: 9px;
		height: 26px;
		border: 1.5px solid var(--rim);
		border-radius: 4px;
	}
	.thaws {
		background: var(--cold-pale);
	}
	.cooks {
		background: var(--ember-pale);
	}
	.key {
		display: flex;
		gap: 18px;
		padding-top: 8px;
	}
	.key i {
		position: static;
		display: inline-block;
		width: 18px;
		height: 12px;
		margin-right: 6px;
	}
	@media (max-width: 1023px) {
		.plate {
			display: none;
		}
	}
</style>
