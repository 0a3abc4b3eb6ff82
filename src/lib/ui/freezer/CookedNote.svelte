<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import type { Habit } from '$lib/present/habit';
	import { instantText } from '$lib/present/time';
	import { clock } from '../shell/clock.svelte';
	import Press from '../kit/Press.svelte';

	type PackStatusWord = keyof typeof w.cookedNote.says | 'frozen';
	let {
		pack,
		habit
	}: {
		pack: {
			status: PackStatusWord;
			pulledAtMs: number | null;
			cookedAtMs: number | null;
			reason: string | null;
		};
		habit: Habit;
	} = $props();
	const sinceMs = $derived(pack.status === 'thawing' ? pack.pulledAtMs : pack.cookedAtMs);
	const word = $derived(pack.status === 'frozen' ? '' : w.cookedNote.says[pack.status]);
</script>

<form
	method="POST"
	action="?/putBack"
	use:enhance
	class="plate no-print mb-4 flex flex-wrap items-center gap-4"
>
	<p class="flex-1">
		<b>{word}</b>{pack.status === 'reserved'
			? w.cookedNote.notFilled
			: w.cookedNote.isOut({
					word: sinceMs === null ? '' : `, ${instantText(sinceMs, habit, clock.ms)}`
				})}{#if pack.reason}
			{w.cookedNote.because({ reason: pack.reason })}{/if}
	</p>
	{#if pack.status !== 'reserved'}<Press type="submit">{w.cookedNote.putItBack}</Press>{/if}
</form>
