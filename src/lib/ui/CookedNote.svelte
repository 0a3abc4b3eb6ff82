<script lang="ts">
	import { w } from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import type { Habit } from '$lib/present/habit';
	import { instantText } from '$lib/present/time';
	import { clock } from './clock.svelte';
	import Press from './Press.svelte';

	let {
		pack,
		habit
	}: {
		pack: {
			status: 'frozen' | 'cooked' | 'given' | 'discarded';
			cookedAtMs: number | null;
			reason: string | null;
		};
		habit: Habit;
	} = $props();
	const word = $derived(pack.status === 'frozen' ? '' : w.cookedNote.says[pack.status]);
</script>

<form
	method="POST"
	action="?/putBack"
	use:enhance
	class="plate no-print mb-4 flex flex-wrap items-center gap-4"
>
	<p class="flex-1">
		<b>{word}</b>{w.cookedNote.itIsOutOf(
			pack.cookedAtMs === null ? '' : `, ${instantText(pack.cookedAtMs, habit, clock.ms)}`
		)}{#if pack.reason}
			{w.cookedNote.because(pack.reason)}{/if}
	</p>
	<Press type="submit">{w.cookedNote.putItBack}</Press>
</form>
