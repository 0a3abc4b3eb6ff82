<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import { enhance } from '$app/forms';
	import type { CookOption } from '$lib/core';
	import { routeNames } from '$lib/core/serving/route-name';
	import type { Habit } from '$lib/present/habit';
	import { dayIn, dayText, durationText } from '$lib/present/time';
	import { tempText } from '$lib/present/units';
	import { methodText } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';
	import { outcomes } from '$lib/schemas/choices';
	import { unitHint } from '$lib/schemas/quantity-text';
	import { keptWhenAway } from '../shell/kept-posts.svelte';
	import { checked } from '../kit/checked';
	import Choice from '../kit/Choice.svelte';
	import Field from '../kit/Field.svelte';
	import Press from '../kit/Press.svelte';
	import { routeText } from './route-text';

	let {
		options,
		cooks,
		habit,
		open,
		errors: answered,
		logged
	}: {
		options: readonly CookOption[];
		/** how this dish was cooked before */
		cooks: readonly {
			id: number;
			atMs: number;
			method: CookOption['method'];
			setMin: number;
			coreC: number | null;
			outcome: (typeof outcomes)[number] | null;
			note: string;
		}[];
		habit: Habit;
		/** this pack is cooked, so it can be written down */
		open: boolean;
		errors: Record<string, string>;
		logged: boolean;
	} = $props();

	let errors = $derived(answered);
	let waits = $state(false);
	let texts = $state({ way: '', route: 'frozen', setMin: '', coreC: '', outcome: '', note: '' });
	formScope({ errors: () => errors });
</script>

{#if open || cooks.length > 0}
	<section class="plate mb-4 grid gap-3">
		<h2>{w.cookLog.title}</h2>
		{#if cooks.length > 0}
			<ul class="list-disc pl-5">
				{#each cooks as cook (cook.id)}
					<li>
						{w.cookLog.line({
							when: dayText(dayIn(cook.atMs, habit.timeZone), habit),
							way: methodText(cook.method, habit),
							minutes: durationText(cook.setMin)
						})}{cook.coreC === null ? '' : w.cookLog.coreWas({ core: tempText(cook.coreC, habit) })}
						{#if cook.outcome}<b>{w.cookLog[cook.outcome]}</b>{/if}
						{#if cook.note}<span class="quiet">“{cook.note}”</span>{/if}
					</li>
				{/each}
			</ul>
		{/if}
		{#if waits}
			<p role="status">{w.cookLog.waits}</p>
		{:else if logged}
			<p role="status">{w.cookLog.kept({ times: cooks.length })}</p>
		{:else if open}
			<form
				method="POST"
				action="?/log"
				class="grid items-end gap-3 md:grid-cols-3"
				novalidate
				use:enhance={keptWhenAway(
					checked(
						async () => (await import('$lib/schemas/cook-log')).cookLogSchema(habit),
						(found) => (errors = found)
					),
					() => (waits = true)
				)}
			>
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
				<Choice
					name="outcome"
					label={w.cookLog.outcome}
					bind:value={texts.outcome}
					placeholder={w.cookLog.noIdea}
					items={outcomes.map((value) => ({ value, name: w.cookLog[value] }))}
				/>
				<Field name="note" label={w.cookLog.note} bind:value={texts.note} />
				<div class="md:col-span-3">
					<Press type="submit" first>{w.cookLog.keep}</Press>
					<span class="quiet">{w.cookLog.why}</span>
				</div>
			</form>
		{/if}
	</section>
{/if}
