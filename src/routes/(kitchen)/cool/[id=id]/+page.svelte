<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { instantText } from '$lib/present/time';
	import { tempText } from '$lib/present/units';
	import { standingLine } from '$lib/present/wording/codes/words';
	import { unitHint } from '$lib/schemas/quantity-text';
	import { checked } from '$lib/ui/kit/checked';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { coolingView } from '$lib/core/cooling';
	import GateAdvice from '$lib/ui/cool/GateAdvice.svelte';
	import ProbeEntry from '$lib/ui/cool/ProbeEntry.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import Cautions from '$lib/ui/kit/Cautions.svelte';
	import CoolingPlate from '$lib/ui/cool/CoolingPlate.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import { keptWhenAway } from '$lib/ui/shell/kept-posts.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const run = $derived(data.run);
	const doubtful = $derived(
		new Set(
			coolingView(run, clock.ms, data.limits).doubtful.map(({ minute }) =>
				Math.round(run.startedAtMs + minute * 60_000)
			)
		)
	);
	/** a pot of a packing day is packed with the portions of its plan */
	const packHref = $derived(
		run.dayId ? `/pack/day/${run.dayId}?dish=${run.dishId ?? ''}` : `/pack?run=${run.id}`
	);
	const shownMost = 60;
	const latest = $derived(run.readings.slice(-shownMost).reverse());
	let reading = $state('');
	let errors = $state<Record<string, string>>({});
	$effect(() => {
		errors = form && 'errors' in form && form.errors ? form.errors : {};
		if (form && 'added' in form) reading = '';
	});
	formScope({ errors: () => errors });
</script>

<svelte:head><title>{w.coolOne.pageTitle({ name: run.name })}</title></svelte:head>

<div class="grid items-start gap-6 lg:grid-cols-[3fr_2fr]">
	<CoolingPlate {run} habit={data.habit} limits={data.limits} heading="h1" heightPx={320}>
		<Cautions codes={data.cautions} habit={data.habit} />
		<p class="quiet mt-2">{standingLine}</p>
	</CoolingPlate>
	<div class="grid content-start gap-5">
		<GateAdvice {run} helps={data.helps} limits={data.limits} habit={data.habit} />
		{#if run.endedAtMs}
			<section class="grid gap-3">
				<p>{w.coolOne.ended({ at: instantText(run.endedAtMs, data.habit, clock.ms) })}</p>
				<div class="grid grid-cols-2 gap-3">
					<Press href={packHref} first>{w.coolOne.packIt}</Press>
					<form method="POST" action="?/goOn" use:enhance class="grid">
						<Press type="submit">{w.coolOne.goOn}</Press>
					</form>
				</div>
			</section>
		{:else}
			<section id="reading">
				<h2>{w.coolOne.thermometer}</h2>
				<form
					method="POST"
					action="?/reading"
					class="reading"
					novalidate
					use:enhance={keptWhenAway(
						checked(
							async () => (await import('$lib/schemas/cooling')).readingSchema(data.habit),
							(found) => (errors = found)
						),
						() => (reading = '')
					)}
				>
					<Field
						name="tempC"
						label={w.coolOne.reading}
						bind:value={reading}
						hint={unitHint('temperature', data.habit)}
						inputmode="decimal"
					/>
					<Press type="submit" first>{w.coolOne.noteReading}</Press>
				</form>
				<ProbeEntry
					runId={run.id}
					probe={run.probe}
					probes={data.probes}
					doubtful={doubtful.size}
					answer={form && 'read' in form ? form.read : undefined}
					error={errors.file}
				/>
			</section>
			<section class="flex flex-wrap gap-2">
				<Press href={packHref} look="quiet">{w.coolOne.packIt}</Press>
				<form method="POST" action="?/end" use:enhance>
					<Press type="submit" look="quiet">{w.coolOne.endRun}</Press>
				</form>
			</section>
		{/if}
		<section>
			<h2>{w.coolOne.readings} ({run.readings.length})</h2>
			{#if run.readings.length === 0}
				<p class="quiet mt-1">{w.coolOne.noReadings}</p>
			{:else}
				<table class="ledger mt-1">
					<thead
						><tr
							><th>{w.coolOne.at}</th><th>{w.coolOne.inTheMiddle}</th><th
								><span class="sr-only">{w.coolOne.removeColumn}</span></th
							></tr
						></thead
					>
					<tbody>
						{#each latest as entry (entry.id)}
							<tr>
								<td>{instantText(entry.atMs, data.habit)}</td>
								<td
									><b>{tempText(entry.tempC, data.habit)}</b>
									{#if doubtful.has(entry.atMs)}<Word
											tone="caution"
											text={w.coolOne.doubtful}
										/>{/if}</td
								>
								<td>
									<form method="POST" action="?/removeReading" use:enhance>
										<input type="hidden" name="id" value={entry.id} />
										<Press
											type="submit"
											look="bare"
											aria-label={w.coolOne.removeReading({
												reading: instantText(entry.atMs, data.habit)
											})}>{w.coolOne.remove}</Press
										>
									</form>
								</td>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}
		</section>
	</div>
</div>

<style>
	.reading {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		align-items: start;
		gap: 10px;
		margin-top: 4px;
	}
	.reading :global(.entry) {
		min-height: 56px;
		font-size: 24px;
		font-weight: 700;
	}
	.reading :global(.press) {
		min-height: 56px;
		margin-top: 24px;
	}
</style>
