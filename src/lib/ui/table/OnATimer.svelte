<script lang="ts">
	import type { ConvertInput, State } from '$lib/core';
	import type { DelayedStart } from '$lib/core/serving';
	import { reasonText } from '$lib/present/wording/codes/reasons';
	import { dangerRangeText, type Habit } from '$lib/present/units';
	import { adviceWords, methodText } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';
	import { quantityFromText } from '$lib/schemas/quantity-text';
	import { waysClient } from '$lib/workers/ways-client';
	import type { SlowMethod } from './slow-ways';
	import Field from '../kit/Field.svelte';
	import Press from '../kit/Press.svelte';
	import Why from '../kit/Why.svelte';
	import Word from '../kit/Word.svelte';

	let {
		convert,
		state: lies,
		slow,
		dangerH,
		habit
	}: {
		convert: ConvertInput;
		state: State;
		/** the settings of the slow cooker this pack can go into, with their minutes */
		slow: readonly { method: SlowMethod; setMin: number }[];
		dangerH: number;
		habit: Habit;
	} = $props();

	const dayMin = 24 * 60;
	const tone = { good: 'good', caution: 'caution', refused: 'refused' } as const;
	let waits = $state('');
	let warm = $state('');
	let error = $state<string | undefined>();
	let busy = $state(false);
	let failed = $state('');
	let answers = $state<{ setting: 'low' | 'high'; answer: DelayedStart }[]>([]);
	let client: ReturnType<typeof waysClient> | null = null;
	$effect(() => () => client?.close());

	/** Minutes typed, 0 for nothing; null when it is no time. */
	function minutesOf(typed: string): number | null {
		if (typed.trim() === '') return 0;
		const minutes = quantityFromText(typed, 'minutes', habit);
		return Number.isFinite(minutes) && minutes >= 0 && minutes <= dayMin ? minutes : null;
	}
	function look(event: SubmitEvent): void {
		event.preventDefault();
		const [delayMin, warmMin] = [minutesOf(waits), minutesOf(warm)];
		error = delayMin === null || warmMin === null ? w.onATimer.bad : undefined;
		if (delayMin === null || warmMin === null) return;
		client ??= waysClient((reply) => {
			if (reply.kind === 'timer') answers = [...answers, reply];
			if (reply.kind === 'failed') failed = reply.message;
			busy = reply.kind === 'timer';
		});
		[answers, busy, failed] = [[], true, ''];
		const timer = slow.map((way) => ({ ...way, delayMin, warmMin, dangerH }));
		client.ask({
			convert: $state.snapshot(convert) as ConvertInput,
			state: lies,
			known: null,
			timer
		});
	}
	const hours = (h: number) => `${(Math.round(h * 10) / 10).toFixed(1)} h`;
	const note = { ...w.onATimer.why, inputs: [], sources: ['appliance-model' as const] };
</script>

<div class="grid gap-3">
	<p class="quiet"><Why {note}>{w.onATimer.how}</Why></p>
	<form class="flex flex-wrap items-end gap-3" onsubmit={look} novalidate>
		<Field
			name="waits"
			label={w.onATimer.waits}
			bind:value={waits}
			hint={w.onATimer.hint}
			{error}
		/>
		<Field name="warm" label={w.onATimer.warm} bind:value={warm} hint={w.onATimer.hint} />
		<div class="pb-7">
			<Press type="submit" disabled={busy}>{busy ? w.onATimer.computing : w.onATimer.look}</Press>
		</div>
	</form>
	<div aria-live="polite" class="grid gap-2">
		{#if failed}<p class="entry-error">{failed}</p>{/if}
		{#each answers as { setting, answer } (setting)}
			<p>
				<Word tone={tone[answer.advice]} text={adviceWords[answer.advice]} />
				{w.onATimer.line({
					way: methodText({ appliance: 'slow-cooker', setting }, habit),
					hours: hours(answer.hazardH.likely),
					worst: hours(answer.hazardH.worst),
					range: dangerRangeText(habit),
					without: hours(answer.withoutWaitH)
				})}
				{#each answer.reasons as reason, i (i)}<br /><span>{reasonText(reason, habit)}</span>{/each}
			</p>
		{/each}
	</div>
</div>
