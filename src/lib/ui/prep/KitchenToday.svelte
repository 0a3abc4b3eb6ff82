<script lang="ts">
	import { onMount } from 'svelte';
	import { formScope } from '$lib/ui/kit/form-scope';
	import { enhance } from '$app/forms';
	import type { RunSheet } from '$lib/core/schedule/run-sheet';
	import { timeOfDayText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import { kitchenResources } from '$lib/schemas/choices';
	import Field from '../kit/Field.svelte';
	import Press from '../kit/Press.svelte';

	let {
		run,
		habit,
		errors,
		typedBefore,
		first
	}: {
		run: RunSheet;
		habit: Habit;
		errors: Record<string, string>;
		typedBefore: Record<string, string> | undefined;
		/** nothing is planned yet: the usual kitchen is planned with at once, to be corrected */
		first: boolean;
	} = $props();
	let busy = $state(false);
	let element = $state<HTMLFormElement>();
	onMount(() => {
		if (first) element?.requestSubmit();
	});
	const time = (clock: string | null) => (clock ? timeOfDayText(clock, habit) : '');
	// svelte-ignore state_referenced_locally
	let typed = $state<Record<string, string>>(
		typedBefore ?? {
			startClock: time(run.startClock),
			deadlineClock: time(run.deadlineClock),
			pauses: run.pauses.map((p) => `${time(p.fromClock)} for ${p.minutes} min`).join(', '),
			...Object.fromEntries(kitchenResources.map((name) => [name, String(run.capacity[name] ?? 0)]))
		}
	);
	const label = (name: string) =>
		name === 'hands' ? w.runSheet.cooks : w.runSheet.resources[name];
	formScope({ typed: () => typed, errors: () => errors });
</script>

<form
	method="POST"
	action="?/plan"
	class="grid gap-4"
	novalidate
	bind:this={element}
	use:enhance={() => {
		busy = true;
		return async ({ update }) => {
			await update({ reset: false });
			busy = false;
		};
	}}
>
	<div class="grid grid-cols-2 gap-3 md:grid-cols-4 lg:grid-cols-6">
		<Field name="startClock" label={w.runSheet.from} />
		<Field name="deadlineClock" label={w.runSheet.deadline} />
		<Field name="pauses" label={w.runSheet.pauses} hint={w.runSheet.pausesHint} />
		{#each kitchenResources as name (name)}
			<Field
				{name}
				label={label(name).replace(/^./, (first) => first.toUpperCase())}
				bind:value={typed[name]}
				error={errors[name]}
				inputmode="numeric"
			/>
		{/each}
	</div>
	<div>
		<Press type="submit" look="quiet" disabled={busy}
			>{busy ? w.runSheet.planning : w.runSheet.planIt}</Press
		>
	</div>
</form>
