<script lang="ts">
	import type { SubmitFunction } from '@sveltejs/kit';
	import { enhance } from '$app/forms';
	import { containerKeys } from '$lib/core/published/containers';
	import { dayText } from '$lib/present/time';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import { containerText } from '$lib/present/wording/codes/words';
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import LongText from '$lib/ui/kit/LongText.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.packDay;
	let busy = $state(false);
	const packing: SubmitFunction = () => {
		busy = true;
		return async ({ update }) => {
			await update({ reset: false });
			busy = false;
		};
	};
	const errors = $derived<Record<string, string>>(
		(form && 'errors' in form && (form.errors as Record<string, string>)) || {}
	);
	const typed = $derived<Record<string, string>>(
		(form && 'typed' in form && (form.typed as Record<string, string>)) || {}
	);
	const codes = $derived(form && 'codes' in form ? (form.codes ?? []) : []);
	const goesIn = (day: number) =>
		day === 0 ? say.today : day === 1 ? say.tomorrow : say.onDay({ day });
</script>

<svelte:head
	><title>{say.pageTitle({ day: dayText(data.bar.onDay, data.habit) })}</title></svelte:head
>

<DayBar day={data.bar} at="pack" habit={data.habit} />
<h1 class="mb-2">{say.heading}</h1>
{#if codes.length > 0}
	<section class="plate mb-4 flex flex-wrap items-center gap-4" role="status">
		<b>{say.done({ n: codes.length })}</b>
		<Press href="/labels?codes={codes.join(',')}" first>{say.labels}</Press>
	</section>
{/if}
{#if form && 'message' in form && form.message}<p class="entry-error mb-3" role="alert">
		{form.message}
	</p>{/if}
{#if Object.keys(errors).length > 0}<p class="entry-error mb-3" role="alert">{say.kept}</p>{/if}
{#if data.rows.length === 0}
	<section class="plate grid gap-3">
		<p>{data.bar.packs.of === 0 ? say.noPlan : say.nothing}</p>
		{#if data.made.length > 0 && codes.length === 0}
			<p><Press href="/labels?codes={data.made.join(',')}" first>{say.labels}</Press></p>
		{/if}
		<p><Press href="/menu/day/{data.bar.id}">{w.dayBar.stops.plan}</Press></p>
	</section>
{:else}
	<p class="mb-3 max-w-[70ch]">{say.how}</p>
	<p class="mb-4" class:font-bold={data.days > 1}>
		{say.days({
			kg: massText(data.totalKg, data.habit),
			perDay: massText(data.perDayKg, data.habit),
			days: data.days
		})}
	</p>
	<form method="POST" action="?/pack" novalidate class="grid gap-4" use:enhance={packing}>
		{#each data.rows as row (row.key)}
			<fieldset class="plate grid gap-3">
				<legend class="sr-only">{row.name}</legend>
				<div class="flex flex-wrap items-center justify-between gap-3">
					<label class="tick">
						<input type="checkbox" name="pack-{row.key}" checked />
						<span><b>{row.name}</b>, {say.pack}</span>
					</label>
					<span class="quiet">
						{#if row.to === 'given'}{say.given}{:else}{say.goesIn}: {goesIn(row.goesInDay)}{/if}
					</span>
				</div>
				{#if errors[`row-${row.key}`]}<p class="entry-error">{errors[`row-${row.key}`]}</p>{/if}
				<div class="grid grid-cols-2 gap-3 lg:grid-cols-[6em_8em_10em_1fr_1fr]">
					<Field
						name="count-{row.key}"
						label={say.count}
						value={typed[`count-${row.key}`] ?? String(row.packs)}
						inputmode="numeric"
						error={errors[`count-${row.key}`]}
					/>
					<p class="self-end pb-3">
						{row.pieces ? `${row.pieces.count} ${row.pieces.name}, ` : ''}{say.servingsEach({
							n: row.servings
						})}
					</p>
					<Field
						name="mass-{row.key}"
						label={say.mass}
						value={typed[`mass-${row.key}`] ?? massText(row.massKg, data.habit)}
						error={errors[`mass-${row.key}`]}
					/>
					<Choice
						name="container-{row.key}"
						label={say.container}
						value={typed[`container-${row.key}`] ?? row.container}
						items={containerKeys.map((value) => ({
							value,
							name: containerText(value, data.habit)
						}))}
					/>
					<Choice
						name="shelf-{row.key}"
						label={say.shelf}
						value={typed[`shelf-${row.key}`] ?? String(row.shelfId ?? '')}
						items={data.shelves}
					/>
				</div>
			</fieldset>
		{/each}
		<div><Press type="submit" first disabled={busy}>{busy ? say.doing : say.doIt}</Press></div>
	</form>
{/if}

{#if data.onPlates.length > 0}
	<details class="plate mt-4" open={(form && 'platesMessage' in form) || undefined}>
		<summary class="min-h-12 cursor-pointer py-3 font-bold">{w.plates.title}</summary>
		<form method="POST" action="?/plates" novalidate class="grid gap-3" use:enhance={packing}>
			<p class="max-w-[70ch]">{w.plates.how}</p>
			{#if form && 'platesMessage' in form}
				<p class="entry-error" role="alert">{form.platesMessage}</p>
			{/if}
			<div class="grid gap-3 lg:grid-cols-3">
				{#each data.onPlates as dish (dish.id)}
					<Field
						name="plate-{dish.id}"
						label={w.plates.onEach({ dish: dish.name })}
						value={typed[`plate-${dish.id}`] ?? ''}
					/>
				{/each}
			</div>
			<LongText
				name="extras"
				label={w.plates.extras}
				hint={w.plates.extrasHint}
				rows={2}
				value={typed.extras ?? ''}
			/>
			<div class="grid gap-3 lg:grid-cols-3">
				<Field name="count" label={w.plates.count} inputmode="numeric" value={typed.count ?? '2'} />
				<Choice
					name="container"
					label={say.container}
					value={typed.container ?? 'plate'}
					items={containerKeys.map((value) => ({
						value,
						name: containerText(value, data.habit)
					}))}
				/>
				<Choice
					name="shelf"
					label={say.shelf}
					value={typed.shelf ?? data.shelves[0]?.value ?? ''}
					items={data.shelves}
				/>
			</div>
			<div>
				<Press type="submit" disabled={busy}>{busy ? w.plates.making : w.plates.make}</Press>
			</div>
		</form>
	</details>
{/if}
