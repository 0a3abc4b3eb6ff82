<script lang="ts">
	import { enhance } from '$app/forms';
	import type { Substitute } from '$lib/core/shopping';
	import type { Habit } from '$lib/present/habit';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';

	interface AnsweredLine {
		key: string;
		item: string;
		label: string;
		count: number;
		is: 'there' | 'fewer' | 'other-size' | 'missing';
		left?: number;
		offer?: { label: string };
		substitutes: Substitute[];
	}
	let {
		lines,
		taken,
		habit
	}: {
		lines: readonly AnsweredLine[];
		/** keys of lines that are taken already */
		taken: ReadonlySet<string>;
		habit: Habit;
	} = $props();

	const there = $derived(lines.filter((line) => line.is === 'there'));
	const otherwise = $derived(lines.filter((line) => line.is !== 'there'));
	function said(line: AnsweredLine): string {
		if (line.is === 'fewer') return w.shop.fewer({ left: line.left ?? 0, label: line.label });
		if (line.is === 'other-size') return w.shop.otherSize({ label: line.offer?.label ?? '' });
		return w.shop.missing;
	}
	/** what comes when the answer is taken as it is; null: nothing does */
	function comes(line: AnsweredLine): string | null {
		switch (line.is) {
			case 'there':
				return `${line.count} × ${line.label}`;
			case 'fewer':
				return line.left
					? w.shop.comesPart({ n: line.left, of: line.count, label: line.label })
					: null;
			case 'other-size':
				return line.offer?.label ?? null;
			case 'missing':
				return null;
		}
	}
	const asTaken = (some: readonly AnsweredLine[]) =>
		JSON.stringify(
			some.flatMap((line) => {
				const what = comes(line);
				return what ? [{ key: line.key, comes: what }] : [];
			})
		);
	const open = $derived(there.filter(({ key }) => !taken.has(key)));
</script>

<div role="status">
	<h2>{w.shop.orderTitle}</h2>
	<p>{otherwise.length === 0 ? w.shop.orderAll : w.shop.there({ n: there.length })}</p>
	{#if open.length > 0}
		{@render take(asTaken(open), w.shop.takeAll({ n: open.length }))}
	{/if}
	<ul class="grid gap-2">
		{#each otherwise as line, i (i)}
			<li>
				<p>
					<b>{line.item}</b>: {taken.has(line.key) ? w.shop.taken : said(line)}
				</p>
				{#if !taken.has(line.key)}
					{#if comes(line)}
						{@render take(asTaken([line]), w.shop.takeIt({ what: comes(line) ?? '' }))}
					{/if}
					{#each line.substitutes.slice(0, 3) as one (one.itemName)}
						{@const what = w.shop.instead({
							item: one.itemName,
							mass: massText(one.massKg, habit)
						})}
						{@render take(
							JSON.stringify([{ key: line.key, comes: what }]),
							w.shop.takeInstead({ what }) + (one.from === 'line' ? ` (${w.shop.fromLine})` : '')
						)}
					{/each}
				{/if}
			</li>
		{/each}
	</ul>
</div>

{#snippet take(value: string, words: string)}
	<form
		method="POST"
		action="?/take"
		use:enhance={() =>
			({ update }) =>
				update({ reset: false, invalidateAll: true })}
	>
		<input type="hidden" name="taken" {value} />
		<Press type="submit">{words}</Press>
	</form>
{/snippet}
