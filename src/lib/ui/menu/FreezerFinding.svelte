<script lang="ts">
	import { enhance } from '$app/forms';
	import type { FreezerFinding } from '$lib/core/foods';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';

	let { finding }: { finding: FreezerFinding } = $props();
</script>

<div class="finding">
	<p>{w.dishCare.reasons[finding.code]}</p>
	{#each finding.proposals as proposal, i (proposal)}
		{#if proposal === 'other-form'}
			<span class="quiet self-center">{w.dishCare.proposals[proposal]}</span>
		{:else if proposal !== 'freeze-anyway' || finding.itemName}
			<form method="POST" action="?/accept" use:enhance>
				<input type="hidden" name="line" value={finding.line} />
				<input type="hidden" name="proposal" value={proposal} />
				<Press type="submit" look={i === 0 ? 'rimmed' : 'bare'}
					>{w.dishCare.proposals[proposal]}</Press
				>
			</form>
		{/if}
	{/each}
</div>

<style>
	.finding {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 2px 8px;
		margin-top: 4px;
		padding: 4px 10px;
		border-radius: 8px;
		background: var(--mustard-pale);
	}
	.finding p {
		flex: 1 1 160px;
	}
</style>
