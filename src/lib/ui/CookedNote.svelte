<script lang="ts">
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
		<b>Cooked</b>{cookedAtMs === null ? '' : `, ${instantText(cookedAtMs, habit, clock.ms)}`}: it is
		out of the freezer.
	</p>
	<Press type="submit">Put it back</Press>
</form>
