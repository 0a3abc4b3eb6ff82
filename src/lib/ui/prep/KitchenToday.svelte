<script lang="ts">
	import { onMount } from 'svelte';
	import { formScope } from '$lib/ui/kit/form-scope';
	import { enhance } from '$app/forms';
	import type { RunSheet } from '$lib/core/schedule';
	import { seenText, type StaleFields } from '$lib/present/seen';
	import { typedRun } from '$lib/present/typed-run';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import { kitchenResources } from '$lib/schemas/choices';
	import Field from '../kit/Field.svelte';
	import Press from '../kit/Press.svelte';
	import Seen from '../kit/Seen.svelte';

	let {
		run,
		habit,
		errors,
		typedBefore,
		stale,
		first
	}: {
		run: RunSheet;
		habit: Habit;
		errors: Record<string, string>;
		typedBefore: Record<string, string> | undefined;
		stale: StaleFields | undefined;
		/** nothing is planned yet: the usual kitchen is planned with at once, to be corrected */
		first: boolean;
	} = $props();
	let busy = $state(false);
	let element = $state<HTMLFormElement>();
	onMount(() => {
		if (first) element?.requestSubmit();
	});
	// svelte-ignore state_referenced_locally
	let typed = $state<Record<string, string>>(typedBefore ?? typedRun(run, kitchenResources, habit));
	// what the form showed when it was opened, and then when it was last taken
	// svelte-ignore state_referenced_locally
	let seen = $state(typedBefore?.seen ?? seenText(typedRun(run, kitchenResources, habit)));
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
		return async ({ update, result }) => {
			await update({ reset: false });
			if (result.type === 'success') seen = seenText(typedRun(run, kitchenResources, habit));
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
	<Seen {seen} {stale} />
	<div>
		<Press type="submit" look="quiet" disabled={busy}
			>{busy ? w.runSheet.planning : w.runSheet.planIt}</Press
		>
	</div>
</form>
