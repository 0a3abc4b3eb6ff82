<script lang="ts">
	import { enhance } from '$app/forms';
	import type { PullTimes, RefreezeVerdict, ThawPlace } from '$lib/core/rules';
	import { instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/habit';
	import * as w from '$lib/present/wording';
	import { clock } from '../shell/clock.svelte';
	import Press from '../kit/Press.svelte';
	import Word from '../kit/Word.svelte';
	import Why from '../kit/Why.svelte';

	let {
		pack,
		pull,
		refreeze,
		habit
	}: {
		pack: { version: number; pulledAtMs: number | null; thawPlace: ThawPlace | null };
		pull: PullTimes;
		refreeze: RefreezeVerdict | null;
		habit: Habit;
	} = $props();
	const say = w.freezerOne;
	const at = (ms: number | null) => (ms === null ? '' : instantText(ms, habit, clock.ms));
</script>

<div class="grid gap-2">
	<p>
		<Word tone="caution" text={w.cookedNote.words.thawing} />
		{say.outSince({
			time: at(pack.pulledAtMs),
			place: say.places[pack.thawPlace ?? 'refrigerator']
		})}
	</p>
	<p>
		{#if pull.pliableAtMs !== null}{say.pliable({ time: at(pull.pliableAtMs) })}{/if}
		{#if pull.thawedAtMs !== null}{say.thawedAt({ time: at(pull.thawedAtMs) })}
			{#if pull.cookByMs !== null}
				<Why
					note={{
						title: say.takeOut,
						rule: say.refreezing['thawed-in-refrigerator'],
						inputs: [],
						sources: ['fsis-thawing', 'cold-food-storage-chart', 'appliance-model']
					}}><b>{say.cookByTime({ time: at(pull.cookByMs) })}</b></Why
				>
			{/if}
		{:else if pack.thawPlace === 'counter' && pull.cookByMs !== null}
			<b>{say.counterUntil({ time: at(pull.cookByMs) })}</b>
		{:else}{w.freezer.thawUnknown}{/if}
	</p>
	{#if refreeze}
		<p>{say.refreezing[refreeze.reason]}</p>
		{#if refreeze.outcome === 'refreeze'}
			<form method="POST" action="?/refrozen" use:enhance class="grid">
				<input type="hidden" name="version" value={pack.version} />
				<Press type="submit">{say.refreezeIt}</Press>
			</form>
		{/if}
	{/if}
	<form method="POST" action="?/putBack" use:enhance class="grid">
		<input type="hidden" name="version" value={pack.version} />
		<Press type="submit">{say.putBackSlip}</Press>
	</form>
</div>
