<script lang="ts">
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import * as w from '$lib/present/wording';
	import { alarm } from '$lib/ui/shell/alarm.svelte';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { coolingView } from '$lib/core/cooling/cooling-view';
	import { instantText } from '$lib/present/time';
	import { coolingRuleText } from '$lib/present/wording/codes/cooling-words';
	import { verdictWords } from '$lib/present/wording/codes/words';
	import CoolingPlate from '$lib/ui/cool/CoolingPlate.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<svelte:head><title>{w.cool.pageTitle}</title></svelte:head>

{#if data.bar}<DayBar day={data.bar} at="cool" habit={data.habit} />{/if}
<div class="mb-4 flex flex-wrap items-center justify-between gap-3">
	<h1>
		{w.cool.running({ count: data.running.length })}
	</h1>
	<div class="flex flex-wrap gap-3">
		{#if data.running.length > 0}
			<Press onclick={() => (alarm.on ? alarm.switchOff() : void alarm.switchOn())}
				>{alarm.on ? w.runSheet.soundOff : w.runSheet.soundOn}</Press
			>
		{/if}
		<Press href="/cool/new" first={data.running.length === 0}>{w.cool.startCooling}</Press>
	</div>
</div>

{#if data.running.length > 0}<p class="quiet mb-3">{w.cool.locked}</p>{/if}
{#if data.running.length === 0}
	<section class="plate">
		<p>
			{w.cool.empty({ rule: coolingRuleText('two-stage', data.limits, data.habit) })}
		</p>
	</section>
{/if}

<div class="grid gap-4 md:grid-cols-2 lg:grid-cols-3">
	{#each data.running as run (run.id)}
		<CoolingPlate {run} habit={data.habit} limits={data.limits}>
			<div class="mt-3 grid grid-cols-2 gap-2">
				<Press href="/cool/{run.id}#reading" first>{w.cool.reading}</Press>
				<Press href={run.dayId ? `/pack/day/${run.dayId}` : `/pack?run=${run.id}`}
					>{w.cool.pack}</Press
				>
			</div>
		</CoolingPlate>
	{/each}
</div>

{#if data.ended.length > 0}
	<section class="plate mt-5">
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
