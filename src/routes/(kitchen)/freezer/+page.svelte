<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import * as w from '$lib/present/wording';
	import type { SubmitFunction } from '@sveltejs/kit';
	import ScanIcon from '@lucide/svelte/icons/scan';
	import { readPackCode } from '$lib/core/packing';
	import { instantText } from '$lib/present/time';
	import { tempText } from '$lib/present/units';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import FreezerPicture from '$lib/ui/freezer/FreezerPicture.svelte';
	import PackList from '$lib/ui/freezer/PackList.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.freezer;
	// svelte-ignore state_referenced_locally
	let text = $state(form?.typed ?? data.filter.text);
	let chosen = $state<string[]>([]);
	let opened = $state<number[]>([]);
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

	/** a code opens its pack; anything else is looked for */
	const find: SubmitFunction = ({ cancel }) => {
		clearTimeout(timer);
		if (!readPackCode(text)) {
			cancel();
			void show({});
		}
		return ({ update }) => update({ reset: false });
	};
</script>

<svelte:head><title>{say.freezerAlmacen}</title></svelte:head>

<div class="screen">
	<div class="list">
		<form method="POST" action="?/find" role="search" class="find" use:enhance={find} novalidate>
			<input
				class="entry"
				id="code"
				name="code"
				type="search"
				bind:value={text}
				oninput={typing}
				placeholder={say.search}
				aria-label={say.search}
				autocomplete="off"
				spellcheck="false"
			/>
			<Press href="/freezer/scan" first><ScanIcon size={19} aria-hidden="true" />{say.scan}</Press>
		</form>
		{#if form?.message}<p class="entry-error" role="alert">{form.message}</p>{/if}
		{#if data.thawing.length > 0}
			<ul class="thawing">
				{#each data.thawing as pack (pack.code)}
					<li>
						<a href="/freezer/{pack.code}" class="font-bold">{pack.name}</a>
						{say.thawPlaces[pack.place ?? 'refrigerator']},
						{#if pack.thawedAtMs === null}{say.thawUnknown}{:else if clock.ms < pack.thawedAtMs}
							{say.thawed({ time: instantText(pack.thawedAtMs, data.habit, clock.ms) })},
						{/if}
						{#if pack.cookByMs !== null}
							<b>{say.cookBy({ time: instantText(pack.cookByMs, data.habit, clock.ms) })}</b>{/if}
					</li>
				{/each}
			</ul>
		{/if}
		{#if empty}
			<p class="mt-2">{say.emptyHint}</p>
			<p class="mt-3 flex flex-wrap gap-3">
				<Press href={data.freezers.length ? '/pack' : '/household'} first
					>{data.freezers.length ? say.packADish : say.nameFreezer}</Press
				>
				{#if data.freezers.length}<Press href="/freezer/already" look="quiet">{say.already}</Press
					>{/if}
			</p>
		{:else}
			<div class="filters">
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
			</div>
			{#if form?.bulkMessage}<p class="entry-error mt-2" role="alert">{form.bulkMessage}</p>{/if}
			{#if form?.bulkDone}<p class="mt-2" role="status">{form.bulkDone}</p>{/if}
			<p class="sr-only" aria-live="polite">
				{say.found({ n: data.total, servings: data.servings })}
			</p>
			{#if data.lines.length === 0}
				<p class="mt-4">{say.nothingFound}</p>
				<p class="mt-2">
					<Press href="/freezer" look="quiet" onclick={() => (text = '')}>{say.clear}</Press>
				</p>
			{:else}
				<PackList
					bind:chosen
					bind:opened
					lines={data.lines}
					habit={data.habit}
					today={data.today}
					shelves={shelfItems}
				/>
				{#if data.total > data.lines.length}
					<p class="mt-3">
						<Press look="quiet" onclick={() => show({ pages: String(data.filter.pages + 1) })}
							>{say.more({ n: data.total - data.lines.length })}</Press
						>
					</p>
				{/if}
			{/if}
		{/if}
	</div>
	<aside>
		<h1>
			{#if empty}{say.emptyTitle}{:else}{say.stock({
					packs: data.total,
					servings: data.servings
				})}{/if}
		</h1>
		{#if !empty}
			<p class="quiet mb-2">
				{say.useFirst}
				{#if overdue > 0}{say.pastBest({
						packs: overdue,
						tempC: tempText(-18, data.habit)
					})}{/if}
				{#if data.reserved > 0}{say.reserved({ n: data.reserved })}{/if}
			</p>
		{/if}
		<div class="grid gap-3">
			{#each data.freezers as freezer (freezer.id)}
				<FreezerPicture {freezer} habit={data.habit} today={data.today} />
			{/each}
		</div>
		<ul class="tools">
			<li><a href="/freezer/already">{say.already}</a></li>
			<li><a href="/freezer/count">{say.count}</a></li>
			<li><a href="/freezer/power">{say.power}</a></li>
			<li><a href="/freezer/defrost">{say.defrost}</a></li>
			<li><a href="/freezer/temperatures">{say.thermometer}</a></li>
			<li><a href="/contents.pdf" target="_blank" rel="external">{say.door}</a></li>
			<li><a href="/freezer/tables">{say.csv}</a></li>
		</ul>
	</aside>
</div>

<style>
	.screen {
		display: grid;
		grid-template-columns: 520px minmax(0, 1fr);
		gap: 20px 28px;
		align-items: start;
	}
	.screen > * {
		min-width: 0;
	}
	.list {
		grid-column: 2;
	}
	aside {
		grid-column: 1;
		grid-row: 1;
	}
	.find {
		display: flex;
		gap: 8px;
	}
	.find .entry {
		border: 2px solid var(--rim);
		min-height: 44px;
	}
	.thawing {
		margin-top: 8px;
		padding: 6px 12px;
		background: var(--mustard-pale);
		border-left: 4px solid var(--mustard);
	}
	.thawing li {
		padding: 3px 0;
	}
	.filters {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 8px;
		padding: 8px 0 4px;
	}
	.filters :global(label) {
		position: absolute;
		width: 1px;
		height: 1px;
		overflow: hidden;
		clip-path: inset(50%);
	}
	.filters :global(.entry) {
		min-height: 40px;
		padding: 4px 10px;
		border-color: transparent;
		background: color-mix(in srgb, var(--cold-pale) 60%, transparent);
		font-weight: 600;
	}
	.tools {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 18px;
		padding-top: 10px;
	}
	.tools a {
		display: inline-flex;
		align-items: center;
		min-height: 44px;
	}
	@media (max-width: 1023px) {
		.screen {
			grid-template-columns: minmax(0, 1fr);
		}
		.list,
		aside {
			grid-column: 1;
			grid-row: auto;
		}
	}
	.find :global(.press) {
		white-space: nowrap;
	}
	@media (max-width: 767px) {
		.filters :global(.entry) {
			padding: 4px 4px 4px 8px;
			font-size: 15px;
		}
	}
</style>
