<script lang="ts">
	import { enhance } from '$app/forms';
	import type { Habit } from '$lib/present/habit';
	import { dayIn, dayText } from '$lib/present/time';
	import * as w from '$lib/present/wording';
	import Choice from '../kit/Choice.svelte';
	import Field from '../kit/Field.svelte';
	import Press from '../kit/Press.svelte';
	import { clock } from '../shell/clock.svelte';

	let {
		ids,
		days,
		habit,
		quiet = false
	}: {
		/** dishes to be put on */
		ids: readonly number[];
		days: readonly { id: number; onDay: string }[];
		habit: Habit;
		/** it is not the next step here */
		quiet?: boolean;
	} = $props();
	const today = $derived(dayIn(clock.ms, habit.timeZone));
	const ahead = $derived(days.filter(({ onDay }) => onDay >= today));
	// svelte-ignore state_referenced_locally
	let dayId = $state(String(ahead.at(-1)?.id ?? ''));
	let onDay = $state('');
	let problem = $state('');
</script>

<form
	method="POST"
	action="/menu?/putOn"
	class="flex flex-wrap items-end gap-3"
	novalidate
	use:enhance={() =>
		async ({ result, update }) => {
			problem = result.type === 'failure' ? String(result.data?.message ?? '') : '';
			if (result.type !== 'failure') await update();
		}}
>
	<input type="hidden" name="ids" value={ids.join(',')} />
	<Choice
		name="dayId"
		label={w.menu.onWhichDay}
		bind:value={dayId}
		items={[
			...ahead.map((day) => ({ value: String(day.id), name: dayText(day.onDay, habit) })),
			{ value: 'new', name: w.menu.newDay }
		]}
	/>
	{#if dayId === 'new' || ahead.length === 0}
		<Field
			name="onDay"
			label={w.menuDay.onDay}
			bind:value={onDay}
			placeholder={dayText(today, habit)}
		/>
	{/if}
	<Press type="submit" first={!quiet} look="quiet">{w.menu.putOn({ n: ids.length })}</Press>
	{#if problem}<p class="entry-error basis-full" role="alert">{problem}</p>{/if}
</form>
