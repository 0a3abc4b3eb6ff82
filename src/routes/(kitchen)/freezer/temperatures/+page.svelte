<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import * as w from '$lib/present/wording';
	import { dayText } from '$lib/present/time';
	import { tempText } from '$lib/present/units';
	import { freezerPlot } from '$lib/ui/charts/freezer-plot';
	import Plot from '$lib/ui/charts/Plot.svelte';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.temperatures;
	// svelte-ignore state_referenced_locally
	let temp = $state(form?.temp ?? '');
	const one = (value: number) => Math.round(value * 10) / 10;
</script>

<svelte:head><title>{say.title}</title></svelte:head>

<h1 class="mb-2">{say.heading}</h1>
<p class="quiet mb-4 max-w-[70ch]">{say.how}</p>
{#if form?.said}<p class="plate mb-4" role="status">{form.said}</p>{/if}
{#if form?.message}<p class="entry-error mb-4" role="alert">{form.message}</p>{/if}
{#if !data.freezer}
	<p class="plate">{w.pack.noFreezer} <a href="/household">{w.pack.toHousehold}</a></p>
{:else}
	<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
		<section class="plate grid content-start gap-3">
			<Choice
				name="freezer"
				label={say.freezer}
				value={String(data.freezer.id)}
				onchange={(event: Event) =>
					goto(`/freezer/temperatures?freezer=${(event.currentTarget as HTMLSelectElement).value}`)}
				items={data.freezers.map(({ id, name }) => ({ value: String(id), name }))}
			/>
			<h2>{say.chart}</h2>
			{#if data.readings.length === 0 || !data.use}
				<p>{say.none} ({tempText(data.freezer.setC, data.habit)})</p>
			{:else}
				<Plot
					plot={freezerPlot({
						readings: data.readings,
						setC: data.freezer.setC,
						fromMs: data.fromMs,
						toMs: data.toMs,
						name: data.freezer.name,
						setName: say.set({ temp: tempText(data.freezer.setC, data.habit) }),
						habit: data.habit
					})}
					label="{data.freezer.name}, {say.chart}"
					heightPx={280}
				/>
				<p>
					{say.summary({
						warmest: tempText(data.use.warmestC ?? data.freezer.setC, data.habit),
						hours: one(data.use.warmH)
					})}
				</p>
			{/if}
			{#if data.use}
				<p>
					<Why
						note={{
							title: say.lostTitle,
							rule: say.lostRule,
							inputs: [],
							sources: ['frozen-tolerance']
						}}>{say.lost({ days: one(data.use.lostDays) })}</Why
					>
				</p>
			{/if}
			<h2>{say.packs}</h2>
			{#if data.lost.length === 0}<p class="quiet">{say.noPacks}</p>{:else}
				<table class="ledger">
					<tbody>
						{#each data.lost as pack (pack.code)}
							<tr>
								<td><a href="/freezer/{pack.code}">{pack.name}</a></td>
								<td>{pack.bestBy ? dayText(pack.bestBy, data.habit) : ''}</td>
								<td>−{pack.lostDays} d</td>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}
		</section>
		<div class="grid content-start gap-5">
			<form method="POST" action="?/add" use:enhance class="plate grid gap-3" novalidate>
				<h2>{say.add}</h2>
				<input type="hidden" name="freezerId" value={data.freezer.id} />
				<Field name="temp" label={say.temp} bind:value={temp} />
				<div><Press type="submit" first>{say.addIt}</Press></div>
			</form>
			<form
				method="POST"
				action="?/file"
				enctype="multipart/form-data"
				use:enhance
				class="plate grid gap-3"
			>
				<h2>{say.file}</h2>
				<input type="hidden" name="freezerId" value={data.freezer.id} />
				<label class="grid gap-1">
					<span class="entry-hint">{say.fileHint}</span>
					<input type="file" name="file" accept=".csv,text/csv,text/plain" />
				</label>
				<div><Press type="submit">{say.readIn}</Press></div>
			</form>
			{#if data.probes.length > 0}
				<form method="POST" action="?/follow" use:enhance class="plate grid gap-3">
					<h2>{say.fromThermometer}</h2>
					<input type="hidden" name="freezerId" value={data.freezer.id} />
					<Choice
						name="probe"
						label={say.probe}
						value={data.freezer.probe ?? ''}
						placeholder=""
						items={[
							{ value: '', name: say.noProbe },
							...data.probes.map(({ id, name }) => ({ value: id, name }))
						]}
					/>
					<div><Press type="submit">{say.followIt}</Press></div>
				</form>
			{/if}
		</div>
	</div>
{/if}
