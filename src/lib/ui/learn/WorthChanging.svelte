<script lang="ts">
	import { enhance } from '$app/forms';
	import type { Habit } from '$lib/present/habit';
	import { proposalThen, proposalTitle, type SaidProposal } from '$lib/present/learn-words';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';

	/** What is worth changing, each with what it rests on, how sure it is, and one tap to do it. */
	let {
		proposals,
		habit,
		action = ''
	}: {
		proposals: readonly SaidProposal[];
		habit: Habit;
		/** the page whose actions do it; none: this one */
		action?: string;
	} = $props();
</script>

<ul class="rows">
	{#each proposals as proposal (proposal.key)}
		<li>
			<div class="said">
				<b>{proposalTitle(proposal)}</b>
				<span class="quiet">
					{proposalThen(proposal, habit)} ·
					{#if proposal.kind !== 'pace'}{w.learn.sure[proposal.sure]} ·{/if}
					<a href="/learn/rests?packs={proposal.codes.join(',')}"
						>{w.learn.rests({ n: proposal.codes.length })}</a
					>
				</span>
			</div>
			<form method="POST" action="{action}?/accept" use:enhance>
				<input type="hidden" name="key" value={proposal.key} />
				<Press type="submit" look="quiet">{w.learn.accept[proposal.kind]}</Press>
				<Press type="submit" look="bare" formaction="{action}?/aside">{w.learn.aside}</Press>
			</form>
		</li>
	{/each}
</ul>

<style>
	li {
		display: flex;
		gap: 8px 16px;
		justify-content: space-between;
		align-items: center;
		padding: 8px 0;
		border-bottom: 1px solid var(--hair);
	}
	li:last-child {
		border-bottom: 0;
	}
	.said {
		display: grid;
		gap: 2px;
		min-width: 0;
	}
	form {
		display: flex;
		flex-wrap: wrap;
		gap: 4px;
		justify-content: flex-end;
		flex: none;
	}
	@media (max-width: 767px) {
		li {
			display: grid;
		}
		form {
			justify-content: flex-start;
		}
		.said a {
			display: inline-block;
			min-height: 44px;
			padding: 11px 0;
		}
	}
</style>
