<script lang="ts">
	import * as w from '$lib/present/wording';
	import { daysBetween } from '$lib/core/units';
	import { priceText } from '$lib/present/money';
	import { dayIn, dayText } from '$lib/present/time';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const head = w.learn.columns;
</script>

<svelte:head><title>{w.learn.listTitle[data.list]} · {w.learn.pageTitle}</title></svelte:head>

<p class="back"><a href="/learn?span={data.span}">{w.learn.back}</a></p>
<PageHead title={w.learn.listTitle[data.list]} facts={w.learn.packs({ n: data.packs.length })} />
{#if data.packs.length === 0}
	<p class="plate">{w.learn.listNone}</p>
{:else}
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="wide" tabindex="0" role="region" aria-label={w.learn.listTitle[data.list]}>
		<table class="ledger">
			<thead>
				<tr>
					<th>{head.pack}</th><th>{head.name}</th><th>{head.packed}</th><th>{head.out}</th><th
						>{head.days}</th
					><th>{head.serving}</th><th>{head.why}</th>
				</tr>
			</thead>
			<tbody>
				{#each data.packs as pack (pack.code)}
					{@const outOn = pack.goneAtMs === null ? null : dayIn(pack.goneAtMs, data.habit.timeZone)}
					<tr>
						<td><a href="/freezer/{pack.code}">{pack.code}</a></td>
						<td>{pack.name}</td>
						<td>{dayText(pack.packedOn, data.habit)}</td>
						<td>{outOn ? dayText(outOn, data.habit) : ''}</td>
						<td class="number">{outOn ? daysBetween(pack.packedOn, outOn) : ''}</td>
						<td class="number"
							>{pack.servingCents === null ? '' : priceText(pack.servingCents, data.habit)}</td
						>
						<td>{pack.reason ?? ''}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
{/if}

<style>
	.back a {
		display: inline-block;
		padding: 10px 0;
	}
	.wide {
		overflow-x: auto;
	}
	.number {
		font-variant-numeric: tabular-nums;
	}
</style>
