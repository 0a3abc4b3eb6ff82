<script lang="ts">
	import * as w from '$lib/present/wording';
	import Modal from 'flowbite-svelte/Modal.svelte';
	import type { Snippet } from 'svelte';
	import { sources } from '$lib/core/published';
	import { standingLine } from '$lib/present/wording/codes/words';
	import type { WhyNote } from './why';

	let { note, children }: { note: WhyNote; children: Snippet } = $props();
	let open = $state(false);
</script>

<button type="button" class="why" aria-haspopup="dialog" onclick={() => (open = true)}
	>{@render children()}</button
>{#if open}
	<Modal bind:open title={note.title} size="sm" class="plate why-panel" outsideclose>
		<p>{note.rule}</p>
		{#if note.inputs.length > 0}
			<table class="ledger">
				<thead><tr><th>{w.why.inputs}</th><th>{w.why.value}</th></tr></thead>
				<tbody>
					{#each note.inputs as input (input.name)}
						<tr><td>{input.name}</td><td><b>{input.value}</b></td></tr>
					{/each}
				</tbody>
			</table>
		{/if}
		<h3 class="font-bold">{w.why.source}</h3>
		<ul class="list-disc pl-5">
			{#each note.sources as key (key)}
				<li>
					{sources[key].title}. {sources[key].publisher}, {sources[key].edition}
					<span class="quiet">({sources[key].via})</span>
				</li>
			{/each}
		</ul>
		<p class="quiet">{standingLine}</p>
	</Modal>
{/if}
