<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import { enhance } from '$app/forms';
	import type { CookOption } from '$lib/core';
	import { type RouteName, routeNames } from '$lib/core/serving';
	import type { Habit } from '$lib/present/habit';
	import { dayIn, dayText, durationText } from '$lib/present/time';
	import { tempText } from '$lib/present/units';
	import { methodText } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';
	import { enoughs, outcomes } from '$lib/schemas/choices';
	import { unitHint } from '$lib/schemas/quantity-text';
	import { keptWhenAway } from '../shell/kept-posts.svelte';
	import { checked } from '../kit/checked';
	import Choice from '../kit/Choice.svelte';
	import Field from '../kit/Field.svelte';
	import Press from '../kit/Press.svelte';
	import { routeText } from './route-text';

	type Outcome = (typeof outcomes)[number];
	type Cook = {
		id: number;
		atMs: number;
		method: CookOption['method'];
		setMin: number;
		coreC: number | null;
		outcome: Outcome | null;
		enough: (typeof enoughs)[number] | null;
		note: string;
	};

	/** How it was: two taps, and what else there is to say behind a word. */
	let {
		options,
		cooks,
		mine,
		proposed,
		habit,
		open,
		errors: answered
	}: {
		options: readonly CookOption[];
		/** how this dish was cooked before */
		cooks: readonly Cook[];
		/** this pack's own; null: not written down yet */
		mine: Cook | null;
		/** as it was planned or is usual */
		proposed: { way: number; route: RouteName; setMin: number; coreC: number | null } | null;
		habit: Habit;
		/** this pack is cooked, so it can be written down */
		open: boolean;
		errors: Record<string, string>;
	} = $props();

	let errors = $derived(answered);
	let waits = $state(false);
	// svelte-ignore state_referenced_locally
	let texts = $state({
		way: proposed ? String(proposed.way) : '',
		route: proposed?.route ?? 'frozen',
		setMin: proposed ? durationText(proposed.setMin) : '',
		coreC: proposed?.coreC == null ? '' : tempText(proposed.coreC, habit),
		note: ''
	});
	formScope({ errors: () => errors });
	const before = $derived(cooks.filter(({ id }) => id !== mine?.id));
	/** what is not known is asked for at once */
	let details = $derived(proposed === null || Object.keys(errors).length > 0);
</script>

{#snippet line(cook: Cook)}
	{w.cookLog.line({
		when: dayText(dayIn(cook.atMs, habit.timeZone), habit),
		way: methodText(cook.method, habit),
		minutes: durationText(cook.setMin)
	})}{cook.coreC === null ? '' : w.cookLog.coreWas({ core: tempText(cook.coreC, habit) })}
	{#if cook.outcome}<b>{w.cookLog[cook.outcome]}</b>{/if}
	{#if cook.enough && cook.enough !== 'enough'}<b>{w.cookLog[cook.enough]}</b>{/if}
	{#if cook.note}<span class="quiet">“{cook.note}”</span>{/if}
{/snippet}

<section class="plate mb-4 grid gap-3">
	{#if waits}
		<p role="status">{w.cookLog.waits}</p>
	{:else if mine}
		<p role="status">{w.cookLog.kept({ times: cooks.length })}</p>
		<p>{@render line(mine)}</p>
		{#if mine.enough === null}
			<form
				method="POST"
				action="?/enough"
				use:enhance={keptWhenAway(
					() => {},
					() => (waits = true)
				)}
			>
				<fieldset>
					<legend>{w.cookLog.wasEnough}</legend>
					<input type="hidden" name="cookId" value={mine.id} />
					<div class="taps">
						{#each enoughs as value (value)}
							<Press type="submit" name="enough" {value}>{w.cookLog[value]}</Press>
						{/each}
					</div>
				</fieldset>
			</form>
		{/if}
	{:else if open}
		<form
			method="POST"
			action="?/log"
			class="grid gap-3"
			novalidate
			use:enhance={keptWhenAway(
				checked(
					async () => (await import('$lib/schemas/cook-log')).cookLogSchema(habit),
					(found) => (errors = found)
				),
				() => (waits = true)
			)}
		>
			{#if proposed && options[Number(texts.way)]}<p class="quiet">
					{w.cookLog.asPlanned({
						way: methodText(options[Number(texts.way)].method, habit),
						route: routeText(texts.route as RouteName),
						time: texts.setMin
					})}
				</p>{/if}
			<div class="taps">
				{#each outcomes as value (value)}
					<Press type="submit" name="outcome" {value}>{w.cookLog[value]}</Press>
				{/each}
			</div>
			<details bind:open={details}>
				<summary>{w.cookLog.details}</summary>
				<div class="grid items-end gap-3 md:grid-cols-3">
					<Choice
						name="way"
						label={w.cookLog.way}
						bind:value={texts.way}
						items={options.map((option, i) => ({
							value: String(i),
							name: methodText(option.method, habit)
						}))}
					/>
					<Choice
						name="route"
						label={w.cookLog.from}
						bind:value={texts.route}
						items={routeNames.map((value) => ({ value, name: routeText(value) }))}
					/>
					<Field
						name="setMin"
						label={w.cookLog.minutes}
						bind:value={texts.setMin}
						hint={unitHint('minutes', habit)}
					/>
					<Field
						name="coreC"
						label={w.cookLog.core}
						bind:value={texts.coreC}
						hint={unitHint('temperature', habit)}
					/>
					<Field name="note" label={w.cookLog.note} bind:value={texts.note} />
					<div><Press type="submit" look="quiet">{w.cookLog.keep}</Press></div>
				</div>
			</details>
			<p class="quiet">{w.cookLog.why}</p>
		</form>
	{/if}
	{#if before.length > 0}
		{#if open}<h3>{w.cookLog.before}</h3>{/if}
		<ul class="list-disc pl-5">
			{#each before as cook (cook.id)}<li>{@render line(cook)}</li>{/each}
		</ul>
	{/if}
</section>

<style>
	.taps {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	.taps > :global(*) {
		flex: 1 1 110px;
		min-height: 56px;
	}
	legend {
		margin-bottom: 8px;
		font-weight: 700;
	}
	summary {
		min-height: 44px;
		padding: 10px 0;
		font-weight: 700;
		cursor: pointer;
	}
</style>
