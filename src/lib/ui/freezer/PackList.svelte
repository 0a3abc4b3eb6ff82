<script lang="ts">
	import { enhance } from '$app/forms';
	import { bestByWord } from '$lib/present/best-by-word';
	import type { Habit } from '$lib/present/habit';
	import { dayText } from '$lib/present/time';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import Slab from '../kit/Slab.svelte';
	import Word from '../kit/Word.svelte';
	import { batchesOf, type OfBatch } from './batches';
	import SelectionBar from './SelectionBar.svelte';

	interface Line extends OfBatch {
		code: string;
		name: string;
		number: number;
		of: number;
		state: 'raw' | 'cooked';
		thicknessM: number;
		lengthM: number;
		freezer: string;
		shelf: string;
	}
	/** Packs as rows of their batches; those that are ticked are pulled, moved or thrown away together by the page's action `bulk`. */
	let {
		chosen = $bindable(),
		opened = $bindable(),
		lines,
		habit,
		today,
		shelves
	}: {
		/** codes of those that are ticked; the page keeps them while a search finds nothing */
		chosen: string[];
		/** batches whose packs are shown one by one */
		opened: number[];
		lines: readonly Line[];
		habit: Habit;
		today: string;
		shelves: { value: string; name: string }[];
	} = $props();
	const say = w.freezer;

	const batches = $derived(batchesOf(lines));
	const isChosen = (packs: readonly { code: string }[]) =>
		packs.every(({ code }) => chosen.includes(code));
	function choose(packs: readonly { code: string }[], on: boolean): void {
		const codes = packs.map(({ code }) => code);
		chosen = [...chosen.filter((code) => !codes.includes(code)), ...(on ? codes : [])];
	}
</script>

<form
	method="POST"
	action="?/bulk"
	use:enhance={() =>
		async ({ update }) => {
			await update({ reset: false });
			chosen = [];
		}}
>
	{#each chosen as code (code)}<input type="hidden" name="pack" value={code} />{/each}
	<table class="ledger">
		<thead class="sr-only">
			<tr>
				<th>{say.several}</th>
				<th>{say.shape}</th>
				<th>{say.pack}</th>
				<th>{say.bestBy}</th>
				<th>{say.code}</th>
			</tr>
		</thead>
		<tbody>
			{#each batches as { first, packs } (first.id)}
				{@const isOpen = opened.includes(first.id)}
				<tr>
					<td class="w-9">
						<label class="hit">
							<input
								type="checkbox"
								checked={isChosen(packs)}
								onchange={(event) => choose(packs, event.currentTarget.checked)}
								aria-label={say.choose({
									name: first.name,
									code: packs.map(({ code }) => code).join(' ')
								})}
							/>
						</label>
					</td>
					<td class="w-[92px]">
						<Slab thicknessM={first.thicknessM} lengthM={first.lengthM} {habit} small />
					</td>
					<td>
						<a href="/freezer/{first.code}" class="name">{first.name}</a>
						{#if packs.length > 1}<span class="times">× {packs.length}</span>{/if}<br />
						<span class="quiet">
							{say.batchLine({
								servings: first.servings,
								mass: massText(first.massKg, habit),
								state: first.state
							})}
						</span>
					</td>
					<td class="when">
						<Word {...bestByWord(first.bestBy, today)} />
						<span class="quiet">{first.freezer}, {first.shelf}</span>
					</td>
					<td class="code">
						{#if packs.length > 1}
							<button
								type="button"
								class="open"
								aria-expanded={isOpen}
								onclick={() =>
									(opened = isOpen
										? opened.filter((id) => id !== first.id)
										: [...opened, first.id])}
								>{isOpen ? say.together : say.oneByOne({ n: packs.length })}</button
							>
						{:else}<span class="tracking-wider">{first.code}</span>{/if}
					</td>
				</tr>
				{#if isOpen && packs.length > 1}
					{#each packs as pack (pack.id)}
						<tr class="single">
							<td>
								<label class="hit">
									<input
										type="checkbox"
										checked={chosen.includes(pack.code)}
										onchange={(event) => choose([pack], event.currentTarget.checked)}
										aria-label={say.choose({ name: pack.name, code: pack.code })}
									/>
								</label>
							</td>
							<td></td>
							<td
								><a href="/freezer/{pack.code}"
									>{say.numberOf({ number: pack.number, of: pack.of })}</a
								></td
							>
							<td class="quiet">{pack.bestBy ? dayText(pack.bestBy, habit) : say.notKnown}</td>
							<td class="tracking-wider">{pack.code}</td>
						</tr>
					{/each}
				{/if}
			{/each}
		</tbody>
	</table>
	{#if chosen.length > 0}
		<SelectionBar
			codes={chosen}
			names={[
				...new Set(lines.filter(({ code }) => chosen.includes(code)).map(({ name }) => name))
			]}
			{shelves}
			clear={() => (chosen = [])}
		/>
	{/if}
</form>

<style>
	.ledger td {
		padding: 5px 8px 5px 0;
		vertical-align: middle;
	}
	.name {
		font-weight: 700;
		text-decoration: none;
	}
	.name:hover {
		text-decoration: underline;
	}
	.times {
		color: var(--soft);
	}
	.when {
		width: 160px;
	}
	.when .quiet {
		display: block;
	}
	.code {
		width: 96px;
		text-align: right;
		font-weight: 700;
	}
	.open {
		min-height: 40px;
		border: 0;
		background: none;
		color: var(--ink);
		font-size: 14px;
		text-decoration: underline dotted 2px;
		text-underline-offset: 4px;
		cursor: pointer;
	}
	.hit {
		display: grid;
		place-items: center;
		width: 32px;
		min-height: 44px;
	}
	.hit input {
		width: 22px;
		height: 22px;
		accent-color: var(--rim);
	}
	.single td {
		background: color-mix(in srgb, var(--enamel) 50%, transparent);
	}
	@media (max-width: 767px) {
		.ledger,
		.ledger tbody {
			display: block;
		}
		.ledger tr {
			display: grid;
			grid-template-columns: 36px 84px minmax(0, 1fr);
			align-items: center;
			border-top: 1px solid var(--hair);
			padding: 6px 0;
		}
		.ledger td {
			border: 0;
			padding: 0;
		}
		.when {
			grid-column: 3;
			width: auto;
		}
		.when .quiet {
			display: inline;
		}
		.code {
			display: none;
		}
	}
</style>
