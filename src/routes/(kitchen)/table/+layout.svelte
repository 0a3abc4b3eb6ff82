<script lang="ts">
	import * as w from '$lib/present/wording';
	import { page } from '$app/state';
	import { dayIn, durationText, instantText } from '$lib/present/time';
	import { methodText } from '$lib/present/wording/codes/words';
	import { routeText } from '$lib/ui/table/route-text';
	import Field from '$lib/ui/kit/Field.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Slab from '$lib/ui/kit/Slab.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { Evening } from '$lib/core/serving';
	import type { LayoutProps } from './$types';

	let { data, children }: LayoutProps = $props();
	let by = $derived(data.asked.by);
	const { serveAtMs, nowMs } = $derived(data.asked);
	let people = $derived(data.asked.people);
	type Dinner = (typeof data.ways)[number];
	/** what several packs together can do comes when it is computed */
	const isKnown = (dinner: Dinner): dinner is Dinner & { evening: Evening | null } =>
		!(dinner.evening instanceof Promise);
	const known = $derived(data.ways.filter(isKnown));
	const coming = $derived(data.ways.filter((dinner) => !isKnown(dinner)));
	const can = $derived(known.filter(({ evening }) => evening?.best));
	const cannot = $derived(known.filter(({ evening }) => !evening?.best));
	const left = $derived(Math.round((serveAtMs - nowMs) / 60_000));
	const code = $derived(page.params.code);
	const cardOf = ({ pack, codes, evening }: Dinner): string => {
		if (evening === null) return `/freezer/${pack.code}`;
		const others = codes.filter((other) => other !== pack.code);
		const more = others.length > 0 ? `&with=${others.join(',')}` : '';
		return `/table/${pack.code}?${data.asked.query}${more}`;
	};
	const sayEarliest = (evening: Evening | null): string =>
		evening === null
			? w.table.noCard
			: evening.earliest
				? w.table.earliest({
						at: instantText(evening.earliest.readyAtMs, data.habit, nowMs),
						way: methodText(evening.earliest.method, data.habit),
						route: routeText(evening.earliest.route)
					})
				: w.table.noWay;
	/** what else a cook would want to know of it at once */
	const notesOf = ({ pack, left, eatenDaysAgo, freezesUntilMs }: Dinner): string =>
		[
			pack.bestBy === null ? w.table.noDate : pack.bestBy < today ? w.table.pastBest : '',
			left >= 0.5 ? w.table.leftOver({ n: Math.round(left * 2) / 2 }) : '',
			eatenDaysAgo === null ? '' : w.table.eaten({ days: eatenDaysAgo }),
			freezesUntilMs === null
				? ''
				: w.table.freezes({ at: instantText(freezesUntilMs, data.habit, nowMs) })
		]
			.filter(Boolean)
			.map((note) => ` · ${note}`)
			.join('');
	const today = $derived(dayIn(nowMs, data.habit.timeZone));
</script>

<div class="screen" class:chosen={code !== undefined}>
	<section class="choose">
		<form method="GET" action="/table{code ? `/${code}` : ''}" class="by">
			<Field
				name="by"
				id="by-list"
				label={w.table.serveBy}
				inputmode="numeric"
				size="6"
				bind:value={by}
				error={data.asked.badTime !== null ? w.table.badTime : undefined}
			/>
			<Field
				name="for"
				id="for-list"
				label={w.table.forHowMany}
				inputmode="numeric"
				size="3"
				bind:value={people}
				error={data.asked.isBadFor ? w.table.badFor : undefined}
			/>
			{#if data.asked.onDay}<input type="hidden" name="on" value={data.asked.onDay} />{/if}
			<Press type="submit" look="quiet">{w.table.look}</Press>
			<details class="out" open={data.asked.out.from !== ''}>
				<summary>{w.table.outOfHouse}</summary>
				<span class="hours">
					<Field
						name="outFrom"
						label={w.table.outFrom}
						inputmode="numeric"
						size="6"
						value={data.asked.out.from}
						error={data.asked.isBadOut ? w.table.badOut : undefined}
					/>
					<Field
						name="outTo"
						label={w.table.outTo}
						inputmode="numeric"
						size="6"
						value={data.asked.out.to}
					/>
				</span>
				<p class="quiet">{w.table.outHow}</p>
			</details>
		</form>
		<nav class="when" aria-label={w.table.when}>
			<a
				href="?{data.asked.tonight}"
				aria-current={!data.asked.soon && !data.asked.isTomorrow ? 'true' : undefined}
				>{w.table.tonight}</a
			>
			<a
				href="?{data.asked.tomorrow}"
				aria-current={!data.asked.soon && data.asked.isTomorrow ? 'true' : undefined}
				>{w.table.tomorrow}</a
			>
			<a href="/table?by=soon" aria-current={data.asked.soon ? 'true' : undefined}>{w.table.soon}</a
			>
			<a href="/table/week">{w.table.weeks}</a>
		</nav>
		<p class="quiet">
			<b>{instantText(serveAtMs, data.habit, nowMs)}</b>{w.table.summary({
				left: durationText(left),
				able: can.length,
				all: data.ways.length
			})}
		</p>
		{#if data.ways.length === 0}
			<p class="mt-3">{w.table.empty}</p>
			<p class="mt-3"><Press href="/pack" first>{w.table.packADish}</Press></p>
		{:else}
			<ul>
				{#each can as dinner (dinner.codes.join())}
					{@render row(dinner, dinner.evening)}
				{/each}
				{#each coming as dinner (dinner.codes.join())}
					{#await dinner.evening}
						{@render row(dinner, null, w.table.computing({ n: dinner.codes.length }))}
					{:then evening}
						{@render row(dinner, evening, evening?.best ? undefined : sayEarliest(evening))}
					{:catch}
						{@render row(dinner, null, w.table.failed)}
					{/await}
				{/each}
			</ul>
			{#if cannot.length > 0}
				<h2 class="mt-3">{w.table.tooLate}</h2>
				<ul>
					{#each cannot as dinner (dinner.codes.join())}
						<li class="no">
							<a href={cardOf(dinner)}>{dinner.pack.name}</a>
							<span class="quiet">{sayEarliest(dinner.evening)}{notesOf(dinner)}</span>
						</li>
					{/each}
				</ul>
			{/if}
			{#if data.more}
				<p class="mt-3">
					{w.table.moreLater({ n: data.ways.length })} <a href="/freezer">{w.table.moreThere}</a>
				</p>
			{/if}
		{/if}
		<p class="mt-3"><a class="more" href="/table/still-good">{w.table.stillGood}</a></p>
	</section>
	<div class="card">{@render children()}</div>
</div>

{#snippet row(dinner: Dinner, evening: Evening | null, instead?: string)}
	{@const best = evening?.best}
	{@const { pack } = dinner}
	<li>
		<a
			class="way"
			class:bad={best?.advice === 'caution'}
			href={cardOf(dinner)}
			aria-current={pack.code === code ? 'page' : undefined}
		>
			<Slab
				thicknessM={pack.own.block.thicknessM}
				lengthM={pack.packing.lengthM}
				habit={data.habit}
				small
			/>
			<span>
				<b class="name">{pack.name}</b>{#if dinner.alike > 1}&nbsp;<span class="quiet"
						>× {dinner.alike}</span
					>{/if}
				{#if best}
					<br />{methodText(best.method, data.habit)}, {dinner.thaws
						? w.table.thawingNow
						: routeText(best.route)}
				{/if}
				{#if instead}<br /><span role="status">{instead}</span>{/if}
				<br /><span class="quiet"
					>{w.table.listLine({
						servings: dinner.servings,
						time: best ? durationText(best.totalMin.to) : '',
						code: dinner.codes.join(', ')
					})}{notesOf(dinner)}</span
				>
			</span>
			{#if best}
				{@const outMs = dinner.thaws ? null : best.takeOutAtMs}
				<span class="at">
					<b>{instantText(outMs ?? best.startAtMs, data.habit, nowMs)}</b>
					<span class="quiet">{outMs ? w.table.out : w.table.start}</span>
					{#if best.advice !== 'good'}<Word tone={best.advice} text={best.advice} />{/if}
				</span>
			{/if}
		</a>
	</li>
{/snippet}

<style>
	.screen {
		display: grid;
		grid-template-columns: 390px minmax(0, 1fr);
		gap: 22px;
		align-items: start;
	}
	.out {
		flex-basis: 100%;
	}
	.out summary {
		min-height: 44px;
		padding: 10px 0;
		font-weight: 700;
		font-size: 14px;
		cursor: pointer;
	}
	.hours {
		display: flex;
		gap: 8px;
	}
	.by {
		display: flex;
		flex-wrap: wrap;
		align-items: flex-end;
		gap: 8px;
		padding: 6px 10px 8px;
		margin-bottom: 6px;
		background: var(--tape);
	}
	.when {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
		margin: 8px 0;
	}
	.when a {
		display: inline-flex;
		align-items: center;
		min-height: 44px;
		padding: 4px 14px;
		border-radius: 8px;
		background: var(--cold-pale);
		font-weight: 700;
		text-decoration: none;
	}
	.when a[aria-current] {
		background: var(--tape);
	}
	.way {
		display: grid;
		grid-template-columns: 64px minmax(0, 1fr) auto;
		align-items: center;
		gap: 8px;
		min-height: 64px;
		padding: 5px 8px;
		border-top: 1px solid var(--hair);
		text-decoration: none;
		font-size: 14px;
		line-height: 1.3;
	}
	.way:hover {
		background: var(--cold-pale);
	}
	.way[aria-current] {
		background: var(--enamel);
		box-shadow: inset 4px 0 0 var(--rim);
	}
	.name {
		font-size: 16px;
	}
	.at {
		display: grid;
		justify-items: end;
	}
	.at b {
		font-size: 18px;
	}
	.no {
		padding: 6px 0;
	}
	.more {
		display: inline-block;
		padding: 12px 0;
	}
	.no a {
		display: inline-block;
		padding: 8px 0;
	}
	@media (max-width: 1023px) {
		.no a {
			min-height: 44px;
			padding: 10px 0;
		}
		.screen {
			grid-template-columns: minmax(0, 1fr);
		}
		/* a chosen pack has the screen to itself */
		.chosen .choose {
			display: none;
		}
		.at b {
			font-size: 22px;
		}
	}
</style>
