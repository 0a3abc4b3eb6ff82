<script lang="ts">
	import type { CautionCode } from '$lib/core/rules';
	import type { Habit } from '$lib/present/habit';
	import { cautionText } from '$lib/present/wording/codes/cautions';
	import * as w from '$lib/present/wording';
	import Why from './Why.svelte';

	/** Cautions at a decision: a sentence each, whose advice it is one tap away. */
	let { codes, habit }: { codes: readonly CautionCode[]; habit: Habit } = $props();
	const told = $derived(codes.map((code) => ({ code, ...cautionText(code, habit) })));
</script>

{#if told.length > 0}
	<ul class="grid gap-2" aria-label={w.cautions.title}>
		{#each told as { code, text, sources } (code)}
			<li class="said">
				<Why note={{ title: w.cautions.title, rule: text, inputs: [], sources }}>{text}</Why>
			</li>
		{/each}
	</ul>
{/if}

<style>
	.said {
		padding-left: 10px;
		border-left: 4px solid var(--mustard, var(--rim));
	}
	.said :global(.why) {
		text-align: left;
	}
	@media (max-width: 1023px) {
		.said :global(.why) {
			min-height: 44px;
		}
	}
</style>
