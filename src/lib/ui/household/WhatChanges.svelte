<script lang="ts">
	import * as w from '$lib/present/wording';
	import { instantText } from '$lib/present/time';
	import type { Habit } from '$lib/present/units';
	import type { KindOfChange, WhatChanges } from '$lib/server/services/household/what-changes';
	import { clock } from '$lib/ui/shell/clock.svelte';

	/** What reading a file or a copy back would do, kind by kind. */
	let { changes, habit }: { changes: WhatChanges; habit: Habit } = $props();
	const words = w.household.changes;
	const named = ({ names, more }: KindOfChange['goes']) =>
		names.join(', ') + (more > 0 ? ` ${words.more({ n: more })}` : '');
	const moved = ({ goes, comes, now, then }: KindOfChange) =>
		goes.names.length + comes.names.length > 0 || now !== then;
</script>

<div class="grid gap-2" role="status">
	<h3>{words.title({ when: instantText(changes.exportedAtMs, habit, clock.ms) })}</h3>
	<p class="quiet">{words.how}</p>
	<table class="ledger">
		<thead>
			<tr>
				<th>{words.kind}</th>
				<th class="text-right">{words.now}</th>
				<th class="text-right">{words.then}</th>
			</tr>
		</thead>
		<tbody>
			{#each changes.kinds as kind (kind.kind)}
				<tr>
					<td>
						{words.kinds[kind.kind]}
						{#if !moved(kind)}<span class="quiet">{words.same}</span>{/if}
						{#if kind.goes.names.length}<div class="quiet">
								{words.goes({ names: named(kind.goes) })}
							</div>{/if}
						{#if kind.comes.names.length}<div class="quiet">
								{words.comes({ names: named(kind.comes) })}
							</div>{/if}
					</td>
					<td class="text-right tabular-nums">{kind.now}</td>
					<td class="text-right tabular-nums">{kind.then}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>
