<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import * as w from '$lib/present/wording';
	import { daysBetween } from '$lib/core/units/day';
	import { dayText, instantText } from '$lib/present/time';
	import { massText, tempText } from '$lib/present/units';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import FreezerPicture from '$lib/ui/freezer/FreezerPicture.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Slab from '$lib/ui/kit/Slab.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.freezer;
	// svelte-ignore state_referenced_locally
	let code = $state(form?.typed ?? '');
	// svelte-ignore state_referenced_locally
	let text = $state(data.filter.text);
	let chosen = $state<string[]>([]);
	let deed = $state('moved');
	let shelfId = $state('');
	let reason = $state('');
	let timer: ReturnType<typeof setTimeout>;

	const empty = $derived(data.freezers.every(({ shelves }) => shelves.every((s) => s.packs === 0)));
	const overdue = $derived(data.past);
	const shelfItems = $derived(
		data.freezers.flatMap((freezer) =>
			freezer.shelves.map(({ id, name }) => ({
				value: String(id),
				name: `${freezer.name}, ${name}`
			}))
		)
	);
	const monthText = (month: string) =>
		new Intl.DateTimeFormat('en', { month: 'short', year: 'numeric', timeZone: 'UTC' }).format(
			new Date(`${month}-01T00:00:00Z`)
		);

	/** The same page with other filters; what is not named stays. */
	function show(change: Record<string, string>): Promise<void> {
		const { shelfId: shelf = '', month = '', state = '' } = data.filter;
		const query: string[] = [];
		const next = { q: text, shelf: String(shelf), month, state, ...change };
		for (const [name, value] of Object.entries(next))
			if (value) query.push(`${name}=${encodeURIComponent(value)}`);
		return goto(`/freezer?${query.join('&')}`, {
			keepFocus: true,
			noScroll: true,
			replaceState: true
		});
	}
	function typing(): void {
		clearTimeout(timer);
		timer = setTimeout(() => show({}), 120);
	}
	const selected = (event: Event) => (event.currentTarget as HTMLSelectElement).value;

	function due(bestBy: string | null): {
		tone: 'good' | 'caution' | 'refused' | 'cold';
		text: string;
	} {
		if (!bestBy) return { tone: 'caution', text: say.undated };
		const days = daysBetween(data.today, bestBy);
		if (days < 0)
			return {
				tone: 'refused',
				text: say.overdue({ days: -days })
			};
		if (days <= 21)
			return {
				tone: 'caution',
				text: days === 0 ? say.useToday : say.daysLeft({ days })
			};
		return { tone: 'cold', text: say.weeksLeft({ weeks: Math.floor(days / 7) }) };
	}
</script>

<svelte:head><title>{say.freezerAlmacen}</title></svelte:head>

<div class="grid gap-5 lg:grid-cols-[1fr_340px] lg:grid-rows-[auto_1fr]">
	<section class="plate lg:col-start-2 lg:row-start-1">
		<form
			method="POST"
			action="?/find"
			use:enhance={() =>
				async ({ update }) =>
					update({ reset: false })}
			class="grid gap-3"
			novalidate
		>
			<Field
				name="code"
				label={say.openAPackBy}
				bind:value={code}
				error={form?.message}
				hint={say.codeHint}
				autocapitalize="characters"
				spellcheck="false"
			/>
			<div class="flex flex-wrap gap-3">
				<Press type="submit" first>{say.open}</Press>
				<Press href="/freezer/scan">{say.scan}</Press>
			</div>
		</form>
	</section>
	<div class="grid content-start gap-5 lg:col-start-1 lg:row-span-2 lg:row-start-1">
		{#if data.thawing.length > 0}
			<section class="plate wants-caution">
				<h2>{say.thawing}</h2>
				<ul class="mt-2 grid gap-2">
					{#each data.thawing as pack (pack.code)}
						<li>
							<a href="/freezer/{pack.code}" class="font-bold">{pack.name}</a>
							{say.thawPlaces[pack.place ?? 'refrigerator']},
							{#if pack.thawedAtMs === null}{say.thawUnknown}{:else if clock.ms < pack.thawedAtMs}
								{say.thawed({ time: instantText(pack.thawedAtMs, data.habit, clock.ms) })}
							{/if}
							{#if pack.cookByMs !== null}
								<b>{say.cookBy({ time: instantText(pack.cookByMs, data.habit, clock.ms) })}</b>{/if}
						</li>
					{/each}
				</ul>
			</section>
		{/if}
		<section class="plate">
			<h1>
				{#if empty}{say.emptyTitle}{:else}{say.stock({
						packs: data.total,
						servings: data.servings
					})}{/if}
			</h1>
			{#if empty}
				<p class="mt-2">{say.emptyHint}</p>
				<p class="mt-3 flex flex-wrap gap-3">
					<Press href={data.freezers.length ? '/pack' : '/household'} first
						>{data.freezers.length ? say.packADish : say.nameFreezer}</Press
					>
					{#if data.freezers.length}<Press href="/freezer/already">{say.already}</Press>{/if}
				</p>
			{:else}
				<p class="quiet">
					{say.useFirst}
					{#if overdue > 0}{say.pastBest({
							packs: overdue,
							tempC: tempText(-18, data.habit)
						})}{/if}
					{#if data.reserved > 0}{say.reserved({ n: data.reserved })}{/if}
				</p>
				<form
					role="search"
					class="mt-3 grid gap-3 sm:grid-cols-[2fr_1fr_1fr_1fr]"
					onsubmit={(event) => {
						event.preventDefault();
						void show({});
					}}
				>
					<Field name="q" label={say.search} bind:value={text} oninput={typing} type="search" />
					<Choice
						name="month"
						label={say.month}
						value={data.filter.month ?? ''}
						placeholder=""
						onchange={(event: Event) => show({ month: selected(event) })}
						items={[
							{ value: '', name: say.allMonths },
							{ value: 'past', name: say.past },
							...data.months.map(({ month, packs }) => ({
								value: month ?? 'none',
								name: say.monthPacks({ month: month ? monthText(month) : say.noDate, n: packs })
							}))
						]}
					/>
					<Choice
						name="state"
						label={say.state}
						value={data.filter.state ?? ''}
						placeholder=""
						onchange={(event: Event) => show({ state: selected(event) })}
						items={[
							{ value: '', name: say.allStates },
							{ value: 'raw', name: say.raw },
							{ value: 'cooked', name: say.cooked }
						]}
					/>
					<Choice
						name="shelf"
						label={say.shelf}
						value={String(data.filter.shelfId ?? '')}
						placeholder=""
						onchange={(event: Event) => show({ shelf: selected(event) })}
						items={[{ value: '', name: say.allShelves }, ...shelfItems]}
					/>
				</form>
				{#if form?.bulkMessage}<p class="entry-error mt-2" role="alert">{form.bulkMessage}</p>{/if}
				{#if form?.bulkDone}<p class="mt-2" role="status">{form.bulkDone}</p>{/if}
				<p class="sr-only" aria-live="polite">
					{say.found({ n: data.total, servings: data.servings })}
				</p>
				{#if data.lines.length === 0}
					<p class="mt-4">{say.nothingFound}</p>
					<p class="mt-2"><Press href="/freezer" onclick={() => (text = '')}>{say.clear}</Press></p>
				{:else}
					<form
						method="POST"
						action="?/bulk"
						use:enhance={() =>
							async ({ update }) => {
								await update({ reset: false });
								chosen = [];
							}}
					>
						<table class="ledger mt-2">
							<thead>
								<tr>
									<th><span class="sr-only">{say.several}</span></th>
									<th class="max-md:hidden"><span class="sr-only">{say.shape}</span></th>
									<th>{say.pack}</th>
									<th>{say.bestBy}</th>
									<th class="max-md:hidden">{say.liesIn}</th>
									<th class="max-md:hidden">{say.code}</th>
								</tr>
							</thead>
							<tbody>
								{#each data.lines as pack (pack.id)}
									<tr>
										<td class="w-8">
											<input
												type="checkbox"
												name="pack"
												value={pack.code}
												bind:group={chosen}
												aria-label={say.choose({ name: pack.name, code: pack.code })}
												class="size-5"
											/>
										</td>
										<td class="w-[120px] max-md:hidden">
											<Slab
												thicknessM={pack.thicknessM}
												lengthM={pack.lengthM}
												habit={data.habit}
											/>
										</td>
										<td>
											<a href="/freezer/{pack.code}" class="font-bold">{pack.name}</a><br />
											<span class="font-bold tracking-wider md:hidden">{pack.code}</span>
											<span class="quiet">
												{say.packLine({
													servings: pack.servings,
													mass: massText(pack.massKg, data.habit),
													state: pack.state,
													number: pack.number,
													of: pack.of
												})}
											</span>
										</td>
										<td>
											<span class="whitespace-nowrap"
												>{pack.bestBy ? dayText(pack.bestBy, data.habit) : say.notKnown}</span
											><br />
											<Word {...due(pack.bestBy)} />
										</td>
										<td class="max-md:hidden">{pack.freezer},<br />{pack.shelf}</td>
										<td class="font-bold tracking-wider max-md:hidden">{pack.code}</td>
									</tr>
								{/each}
							</tbody>
						</table>
						{#if chosen.length > 0}
							<div class="several">
								<b>{say.chosen({ n: chosen.length })}</b>
								<Choice
									name="deed"
									label={say.several}
									bind:value={deed}
									items={Object.entries(say.deeds).map(([value, name]) => ({ value, name }))}
								/>
								{#if deed === 'moved'}
									<Choice
										name="shelfId"
										label={say.shelf}
										bind:value={shelfId}
										items={shelfItems}
									/>
								{:else if deed === 'discarded'}
									<Field name="reason" label={w.packOtherwise.reason} bind:value={reason} />
								{/if}
								<Press type="submit" first>{say.doIt}</Press>
								<Press href="/labels?codes={chosen.join(',')}">{w.packOne.printLabels}</Press>
							</div>
						{/if}
					</form>
					{#if data.total > data.lines.length}
						<p class="mt-3">
							<Press onclick={() => show({ pages: String(data.filter.pages + 1) })}
								>{say.more({ n: data.total - data.lines.length })}</Press
							>
						</p>
					{/if}
				{/if}
			{/if}
		</section>
	</div>
	<aside class="grid content-start gap-5 lg:col-start-2 lg:row-start-2">
		<details class="plate" open={!empty}>
			<summary class="min-h-12 cursor-pointer font-bold lg:hidden">{say.tools}</summary>
			<ul class="grid gap-1">
				<li><a href="/freezer/already">{say.already}</a></li>
				<li><a href="/freezer/count">{say.count}</a></li>
				<li><a href="/freezer/power">{say.power}</a></li>
				<li><a href="/freezer/temperatures">{say.thermometer}</a></li>
				<li><a href="/contents.pdf" target="_blank" rel="external">{say.door}</a></li>
				<li><a href="/freezer/tables">{say.csv}</a></li>
			</ul>
		</details>
		{#each data.freezers as freezer (freezer.id)}
			<FreezerPicture {freezer} habit={data.habit} />
		{/each}
	</aside>
</div>

<style>
	.several {
		position: sticky;
		bottom: 8px;
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		align-items: end;
		background: var(--tape);
		color: var(--ink);
		border: 2px solid var(--rim);
		border-radius: 8px;
		padding: 10px 14px;
		margin-top: 8px;
	}
	aside li a {
		display: inline-flex;
		align-items: center;
		min-height: 36px;
	}
</style>
