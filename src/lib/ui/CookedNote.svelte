<script lang="ts">
	import { w } from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import type { Habit } from '$lib/present/habit';
	import { instantText } from '$lib/present/time';
	import { clock } from './clock.svelte';
	import Press from './Press.svelte';

	let { cookedAtMs, habit }: { cookedAtMs: number | null; habit: Habit } = $props();
</script>

<form
	method="POST"
	action="?/putBack"
	use:enhance
	class="plate no-print mb-4 flex flex-wrap items-center gap-4"
>
	<p class="flex-1">
		<b>{w.cookedNote.cooked}</b>{w.cookedNote.itIsOutOf(
			cookedAtMs === null ? '' : `, ${instantText(cookedAtMs, habit, clock.ms)}`
		)}
	</p>
	<Press type="submit">{w.cookedNote.putItBack}</Press>
</form>
