<script lang="ts">
	import { enhance } from '$app/forms';
	import type { FreezerFinding } from '$lib/core/foods/freezer-check';
	import { sources } from '$lib/core/published/sources';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';
	import Word from '../kit/Word.svelte';

	let { findings, partCooked }: { findings: readonly FreezerFinding[]; partCooked: string | null } =
		$props();
	const source = sources['nchfp-freezing'];
</script>

<section
	class="plate grid gap-3"
	class:wants-refused={partCooked}
	class:wants-caution={!partCooked && findings.length > 0}
>
	<h2>{w.dishCare.title}</h2>
	{#if partCooked}
		<p>
			<Word tone="refused" text={w.dishCare.partCooked} />
			{w.dishCare.partCookedHow({ sentence: partCooked })}
		</p>
	{/if}
	{#each findings as finding (finding.line)}
		<div class="grid gap-2">
			<p><b>{finding.text}</b>: {w.dishCare.reasons[finding.code]}.</p>
			<div class="flex flex-wrap gap-2">
				{#each finding.proposals as proposal (proposal)}
					{#if proposal === 'other-form'}
						<span class="quiet self-center">{w.dishCare.proposals[proposal]}</span>
					{:else if proposal !== 'freeze-anyway' || finding.itemName}
						<form method="POST" action="?/accept" use:enhance>
							<input type="hidden" name="line" value={finding.line} />
							<input type="hidden" name="proposal" value={proposal} />
							<Press type="submit">{w.dishCare.proposals[proposal]}</Press>
						</form>
					{/if}
				{/each}
			</div>
		</div>
	{:else}
		{#if !partCooked}<p>{w.dishCare.fine}</p>{/if}
	{/each}
	<p class="quiet">{source.title}. {source.publisher} ({source.via})</p>
</section>
