<script lang="ts">
	import { clock } from '$lib/ui/clock.svelte';
	import { coolingView } from '$lib/core/cooling/cooling-view';
	import { instantText } from '$lib/present/time';
	import { coolingRuleText } from '$lib/present/cooling-words';
	import { verdictWords } from '$lib/present/words';
	import CoolingPlate from '$lib/ui/CoolingPlate.svelte';
	import Press from '$lib/ui/Press.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<svelte:head><title>Cool · Almacen</title></svelte:head>

<div class="mb-4 flex flex-wrap items-center justify-between gap-3">
	<h1>
		{#if data.running.length === 0}Nothing is cooling{:else if data.running.length === 1}One vessel
			cooling{:else}{data.running.length} vessels cooling{/if}
	</h1>
	<Press href="/cool/new" first={data.running.length === 0}>Start cooling</Press>
</div>

{#if data.running.length === 0}
	<section class="plate">
		<p>
			{coolingRuleText('two-stage', data.limits, data.habit)} Start a run for each pot, dish or tray;
			the forecast says at once whether it will make it where it stands, and what helps.
		</p>
	</section>
{/if}

<div class="grid gap-4 md:grid-cols-2 lg:grid-cols-3">
	{#each data.running as run (run.id)}
		<CoolingPlate {run} habit={data.habit} limits={data.limits}>
			<div class="mt-3 grid grid-cols-2 gap-2">
				<Press href="/cool/{run.id}#reading" first>Reading</Press>
				<Press href="/pack?run={run.id}">Pack</Press>
			</div>
		</CoolingPlate>
	{/each}
</div>

{#if data.ended.length > 0}
	<section class="plate mt-5">
		<h2>Ended</h2>
		<table class="ledger mt-1">
			<thead><tr><th>what</th><th>ended</th><th>as measured and forecast</th></tr></thead>
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
