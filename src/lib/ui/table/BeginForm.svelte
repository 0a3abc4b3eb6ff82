<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import type { Method } from '$lib/core';
	import { methodKey } from '$lib/core/appliances';
	import type { Away, RouteName } from '$lib/core/serving';
	import Press from '../kit/Press.svelte';

	/** Begins a meal by one of its ways. */
	let {
		method,
		route,
		serveAtMs,
		others,
		away,
		first = false,
		label
	}: {
		method: Method;
		route: RouteName;
		serveAtMs: number;
		/** codes of packs of the same dish that go in with it */
		others: readonly string[];
		/** nobody is in the kitchen meanwhile */
		away: Away | null;
		/** the way that is proposed */
		first?: boolean;
		/** says which way it is, where there are several */
		label?: string;
	} = $props();
</script>

<form method="POST" action="?/begin" use:enhance>
	<input type="hidden" name="way" value={methodKey(method)} />
	<input type="hidden" name="route" value={route} />
	<input type="hidden" name="serveAtMs" value={serveAtMs} />
	{#if away}
		<input type="hidden" name="outFromMs" value={away.fromMs} />
		<input type="hidden" name="outToMs" value={away.toMs} />
	{/if}
	{#if others.length > 0}<input type="hidden" name="with" value={others.join(',')} />{/if}
	<Press type="submit" {first} look="quiet" aria-label={label}>{w.cookSheet.begin}</Press>
</form>
