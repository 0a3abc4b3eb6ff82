<script lang="ts">
	import type { SubmitFunction } from '@sveltejs/kit';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { containerKeys } from '$lib/core/published';
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
	/** the dish whose pot is cold: the others of the day wait */
	const only = $derived(Number(page.url.searchParams.get('dish')) || null);
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

<DayBar
	day={data.bar}
	at="pack"
	habit={data.habit}
	title={say.heading}
	facts={data.rows.length > 0
		? say.inAll({ kg: massText(data.totalKg, data.habit), packs: data.bar.packs.left })
		: ''}
>
	{#if codes.length > 0 || (data.rows.length === 0 && data.made.length > 0)}
		<Press href="/labels?codes={(codes.length > 0 ? codes : data.made).join(',')}" first
			>{say.labels}</Press
		>
	{/if}
	{#if data.rows.length > 0}
		<Press type="submit" form="portions" first={codes.length === 0} disabled={busy}
			>{busy ? say.doing : say.doIt}</Press
		>
	{/if}
</DayBar>
{#if codes.length > 0}
	<p class="mb-3" role="status"><b>{say.done({ n: codes.length })}</b></p>
{/if}
{#if form && 'message' in form && form.message}<p class="entry-error mb-3" role="alert">
		{form.message}
	</p>{/if}
{#if Object.keys(errors).length > 0}<p class="entry-error mb-3" role="alert">{say.kept}</p>{/if}
{#if data.rows.length === 0}
	<section class="grid gap-3">
		<p>{data.bar.packs.of === 0 ? say.noPlan : say.nothing}</p>
		<p><Press href="/menu/day/{data.bar.id}" look="quiet">{w.dayBar.stops.plan}</Press></p>
	</section>
{:else}
	<p class="quiet mb-2 max-w-[90ch]">
		{say.how}
		<b
			>{say.days({
				kg: massText(data.totalKg, data.habit),
				perDay: massText(data.perDayKg, data.habit),
				days: data.days
			})}</b
		>
		{#if only !== null}<a href="/pack/day/{data.bar.id}">{say.allDishes}</a>{/if}
	</p>
	<form id="portions" method="POST" action="?/pack" novalidate use:enhance={packing}>
		{#each data.rows.toSorted((a, b) => Number(b.dishId === only) - Number(a.dishId === only)) as row (row.key)}
			<fieldset class="portion">
				<legend class="sr-only">{row.name}</legend>
				<label class="tick">
					<input
						type="checkbox"
						name="pack-{row.key}"
						checked={only === null || row.dishId === only}
					/>
					<span
						><b>{row.name}</b><span class="sr-only">, {say.pack}</span><br /><span class="quiet"
							>{row.pieces ? `${row.pieces.count} ${row.pieces.name}, ` : ''}{say.servingsEach({
								n: row.servings
							})} · {row.to === 'given'
								? say.given
								: `${say.goesIn.toLowerCase()} ${goesIn(row.goesInDay)}`}</span
						></span
					>
				</label>
				<Field
					name="count-{row.key}"
					label={say.count}
					value={typed[`count-${row.key}`] ?? String(row.packs)}
					inputmode="numeric"
					error={errors[`count-${row.key}`]}
				/>
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
				{#if errors[`row-${row.key}`]}<p class="entry-error full">
						{errors[`row-${row.key}`]}
					</p>{/if}
			</fieldset>
		{/each}
	</form>
{/if}

{#if data.onPlates.length > 0}
	<details class="mt-4" open={(form && 'platesMessage' in form) || undefined}>
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

<style>
	.portion {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 74px 110px 220px 220px;
		align-items: start;
		gap: 4px 12px;
		padding: 6px 0;
		border-top: 1px solid var(--hair);
	}
	.full {
		grid-column: 1 / -1;
	}
	/* the names of the columns stand once, over the first row */
	@media (min-width: 1024px) {
		.portion:not(:first-child) :global(.entry-label) {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
		.portion:first-child .tick {
			padding-top: 24px;
		}
	}
	@media (max-width: 1023px) {
		.portion {
			grid-template-columns: 1fr 1fr;
		}
		.portion .tick {
			grid-column: 1 / -1;
		}
	}
</style>
