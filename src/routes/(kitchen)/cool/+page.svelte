<script lang="ts">
	import BellIcon from '@lucide/svelte/icons/bell';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import * as w from '$lib/present/wording';
	import { alarm } from '$lib/ui/shell/alarm.svelte';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { coolingView } from '$lib/core/cooling';
	import { instantText } from '$lib/present/time';
	import { coolingRuleText } from '$lib/present/wording/codes/cooling-words';
	import { verdictWords } from '$lib/present/wording/codes/words';
	import CoolingPlate from '$lib/ui/cool/CoolingPlate.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const heading = $derived(w.cool.running({ count: data.running.length }));
</script>

<svelte:head><title>{w.cool.pageTitle}</title></svelte:head>

{#snippet acts()}
	{#if data.running.length > 0}
		<Press look="quiet" onclick={() => (alarm.on ? alarm.switchOff() : void alarm.switchOn())}
			><BellIcon size={18} aria-hidden="true" />{alarm.on
				? w.runSheet.soundOff
				: w.runSheet.soundOn}</Press
		>
	{/if}
	<Press href="/cool/new" first>{w.cool.startCooling}</Press>
{/snippet}
{#if data.bar}
	<DayBar day={data.bar} at="cool" habit={data.habit} title={heading}>{@render acts()}</DayBar>
{:else}
	<PageHead title={heading}>{@render acts()}</PageHead>
{/if}
{#if data.running.length === 0}
	<p class="max-w-[70ch]">
		{w.cool.empty({ rule: coolingRuleText('two-stage', data.limits, data.habit) })}
	</p>
{/if}

<div class="grid gap-x-4 gap-y-3 md:grid-cols-2 lg:grid-cols-3">
	{#each data.running as run (run.id)}
		<CoolingPlate {run} habit={data.habit} limits={data.limits} heightPx={118}>
			{@const cold = coolingView(run, clock.ms, data.limits).next === null}
			<div class="acts">
				<Press href="/cool/{run.id}#reading" look="quiet">{w.cool.reading}</Press>
				<Press
					href={run.dayId
						? `/pack/day/${run.dayId}?dish=${run.dishId ?? ''}`
						: `/pack?run=${run.id}`}
					look={cold ? 'rimmed' : 'bare'}>{w.cool.pack}</Press
				>
			</div>
		</CoolingPlate>
	{/each}
</div>

{#if data.running.length > 0}<p class="quiet mt-3">{w.cool.locked}</p>{/if}
{#if data.ended.length > 0}
	<section class="mt-5">
		<h2>{w.cool.ended}</h2>
		<table class="ledger mt-1">
			<thead
				><tr><th>{w.cool.what}</th><th>{w.cool.endedAt}</th><th>{w.cool.outcome}</th></tr></thead
			>
			<tbody>
				{#each data.ended as run (run.id)}
					<tr>
						<td><a href="/cool/{run.id}">{run.name}</a></td>
						<td>{instantText(run.endedAtMs ?? 0, data.habit, clock.ms)}</td>
						<td>{verdictWords[coolingView(run, clock.ms, data.limits).verdict]}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</section>
{/if}

<style>
	.acts {
		display: flex;
		justify-content: flex-end;
		gap: 8px;
		margin-top: 4px;
	}
</style>
