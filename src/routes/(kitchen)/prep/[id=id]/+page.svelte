<script lang="ts">
	import DayBar from '$lib/ui/day/DayBar.svelte';
	import PrintIcon from '@lucide/svelte/icons/printer';
	import { untrack } from 'svelte';
	import { iceInAllKg, type PrepBoard, type PrepItem, takeOutKey } from '$lib/core/schedule';
	import { prepAmountText, shareText } from '$lib/present/prep-words';
	import { dayText, dayTitle } from '$lib/present/time';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import { DayLog } from '$lib/ui/prep/day-log.svelte';
	import PrepRow from '$lib/ui/prep/PrepRow.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const dayId = $derived(data.now.day.id);
	const log = $derived.by(() => {
		const id = dayId;
		return untrack(() => new DayLog(id, () => data.now));
	});
	$effect(() => log.start());
	const day = $derived(dayText(data.now.day.onDay, data.habit));
	const { lists, boards } = $derived(data.prep);
	const has = (key: string) => log.state.ticked[key] ?? false;
	const iceKg = $derived(iceInAllKg(log.known.run.cooling));
	const whole = (item: PrepItem) =>
		`${w.prep.cut({ item: item.item, cut: item.cut })}: ${prepAmountText(item, data.habit)}`;
	const evening = $derived([
		...data.prep.takeOut.map(({ code, dish, massKg }) => ({
			key: takeOutKey(code),
			text: w.prep.takeOut({ dish, mass: massText(massKg, data.habit), code })
		})),
		...lists.thaw.map((item) => ({ key: item.key, text: w.prep.thaw({ what: whole(item) }) })),
		...lists.soak.map((item) => ({ key: item.key, text: w.prep.soak({ what: whole(item) }) })),
		...log.known.run.doneBefore.map((task) => ({
			key: `evening:${task.id}`,
			text: w.prep.doneBefore({ what: task.text })
		}))
	]);
	const vessels = $derived(
		data.prep.vessels
			.map(({ place, dishes }) => w.prep.vessel({ place: w.steps.places[place], dishes }))
			.join(', ')
	);
	const before = $derived([
		...(vessels ? [{ key: 'out:vessels', text: w.prep.vessels({ places: vessels }) }] : []),
		...(iceKg > 0
			? [{ key: 'out:ice', text: w.prep.ice({ mass: massText(iceKg, data.habit) }) }]
			: []),
		...data.prep.packs
			.filter(({ packs }) => packs > 0)
			.map(({ dish, packs }) => ({
				key: `out:packs ${dish}`,
				text: w.prep.packs({ count: packs, dish })
			})),
		...(data.prep.labels > 0
			? [{ key: 'out:labels', text: w.prep.labels({ count: data.prep.labels }) }]
			: []),
		...lists.setOut.map(({ key, dish, lines }) => ({
			key,
			text: `${w.prep.setOut({ dish })}: ${lines.join('; ')}`
		}))
	]);
	const groups = $derived(
		(['cans', 'meats', 'cheese'] as const)
			.map((name) => ({ name, items: lists[name] }))
			.filter(({ items }) => items.length > 0)
	);
	const whyOf = (items: readonly PrepItem[]) => ({
		title: w.prep.why.title,
		rule: w.prep.why.rule,
		inputs: items.map((item) => ({
			name: w.prep.cut({ item: item.item, cut: item.cut }),
			value: prepAmountText(item, data.habit)
		})),
		sources: []
	});
	const keys = $derived([
		...lists.chop.map(({ key }) => key),
		...[...evening, ...before].map(({ key }) => key),
		...groups.flatMap(({ items }) => items.map(({ key }) => key)),
		...lists.spices.map(({ key }) => key)
	]);
	const left = $derived(keys.filter((key) => !has(key)).length);
</script>

<svelte:head><title>{w.prep.pageTitle({ day })}</title></svelte:head>

<DayBar
	day={data.bar}
	at="prep"
	habit={data.habit}
	title={w.prep.title({ day: dayTitle(data.now.day.onDay, data.habit) })}
	facts={data.prep.dishes.length === 0
		? ''
		: left === 0
			? w.prep.allReady
			: w.prep.left({ left, all: keys.length })}
>
	<Press onclick={() => window.print()} look="bare"
		><PrintIcon size={18} aria-hidden="true" />{w.prep.print}</Press
	>
	<Press href="/prep/{dayId}/run" first>{w.prep.toRun}</Press>
</DayBar>

{#if data.prep.dishes.length === 0}
	<section class="plate grid gap-3">
		<p>{w.prep.noDishes}</p>
		<p><Press href="/menu/day/{dayId}" first>{w.prep.toMenu}</Press></p>
	</section>
{:else}
	{#if log.unsent > 0}<p role="status" class="mb-2">
			<Word tone="caution" text={w.prep.unsent({ count: log.unsent })} />
		</p>{/if}
	<div class="lists">
		{@render board(boards.find(({ raw }) => !raw))}
		{#each groups as { name, items } (name)}
			<section>
				<h2><Why note={whyOf(items)}>{w.prep[name]}</Why></h2>
				<ul>
					{#each items as item (item.key)}{@render row(item)}{/each}
				</ul>
			</section>
		{/each}
		{@render board(boards.find(({ raw }) => raw))}
		<section>
			<h2>{w.prep.evening}</h2>
			{#if evening.length === 0}
				<p class="quiet">{w.prep.eveningNone}</p>
			{:else}
				<ul>
					{#each evening as { key, text } (key)}
						<PrepRow ticked={has(key)} ontick={(on) => log.tick(key, on)}>{text}</PrepRow>
					{/each}
				</ul>
				<p class="quiet">{w.prep.chillNote}</p>
			{/if}
		</section>
		{#if lists.spices.length > 0}
			<section>
				<h2>{w.prep.spices}</h2>
				<ul>
					{#each lists.spices as { key, dish, lines } (key)}
						<PrepRow ticked={has(key)} ontick={(on) => log.tick(key, on)}
							>{w.prep.spicesOf({ dish, lines: lines.join('; ') })}</PrepRow
						>
					{/each}
				</ul>
			</section>
		{/if}
		<section>
			<h2>{w.prep.before}</h2>
			<ul>
				{#each before as { key, text } (key)}
					<PrepRow ticked={has(key)} ontick={(on) => log.tick(key, on)}>{text}</PrepRow>
				{/each}
			</ul>
		</section>
	</div>
{/if}

{#snippet board(one: PrepBoard | undefined)}
	{#if one}
		<section>
			<h2><Why note={whyOf(lists.chop)}>{one.raw ? w.prep.rawBoard : w.prep.board}</Why></h2>
			{#if one.raw}<p class="quiet">{w.prep.chopHow}</p>{/if}
			<ul>
				{#each one.things as { item, cuts } (item)}
					{#if cuts.length > 1}<li class="pt-2 font-bold">{item}</li>{/if}
					{#each cuts as cut (cut.key)}{@render row(cut)}{/each}
				{/each}
			</ul>
		</section>
	{/if}
{/snippet}

{#snippet row(item: PrepItem)}
	<PrepRow ticked={has(item.key)} ontick={(on) => log.tick(item.key, on)}>
		<b>{w.prep.cut({ item: item.item, cut: item.cut })}:</b>
		{prepAmountText(item, data.habit)}
		<br /><span class="quiet"
			>{item.shares.map((share) => shareText(share, data.habit)).join('; ')}</span
		>
	</PrepRow>
{/snippet}

<style>
	.lists {
		columns: 2;
		column-gap: 36px;
	}
	.lists section {
		margin-bottom: 14px;
	}
	.lists h2 {
		padding-bottom: 2px;
		color: var(--cold);
		break-after: avoid;
	}
	.lists li {
		break-inside: avoid;
	}
	@media (max-width: 900px) {
		.lists {
			columns: 1;
		}
	}
	@media print {
		.lists {
			columns: 2;
			font-size: 13px;
		}
	}
</style>
