<script lang="ts">
	import * as w from '$lib/present/wording';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import { standingLine } from '$lib/present/wording/codes/words';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const say = w.stillGood;
	const items = (words: Readonly<Record<string, string>>) =>
		Object.entries(words).map(([value, name]) => ({ value, name }));
	const verdict = $derived(data.verdict);
	const reason = $derived(verdict && say.reasons[verdict.reason]({ limit: verdict.limit ?? 0 }));
</script>

<svelte:head><title>{say.pageTitle}</title></svelte:head>

<PageHead title={say.heading} />
<div class="screen">
	<form method="GET" class="grid content-start gap-3">
		<p class="quiet">{say.how}</p>
		<Choice name="kind" label={say.kind} items={items(say.kinds)} value={data.typed.kind ?? ''} />
		<Choice
			name="place"
			label={say.place}
			items={items(say.places)}
			value={data.typed.place ?? ''}
			error={data.errors.place}
		/>
		<Field
			name="amount"
			label={say.time}
			hint={say.timeHint}
			inputmode="decimal"
			size="5"
			value={data.typed.amount ?? ''}
			error={data.errors.amount}
		/>
		<label class="tick"
			><input type="checkbox" name="reheated" checked={data.typed.reheated === 'on'} />
			{say.reheated}</label
		>
		<label class="tick"
			><input type="checkbox" name="swollen" checked={data.typed.swollen === 'on'} />
			{say.swollen}</label
		>
		<p><Press type="submit" first>{say.look}</Press></p>
	</form>
	{#if verdict}
		<section
			class="plate grid content-start gap-3"
			class:wants-refused={verdict.outcome === 'discard'}
			class:wants-caution={verdict.outcome === 'last-day'}
			aria-live="polite"
		>
			<h2 class="verdict">{say.outcomes[verdict.outcome]}</h2>
			<p>
				<Why
					note={{ title: say.heading, rule: reason ?? '', inputs: [], sources: [verdict.source] }}
					>{reason}</Why
				>
			</p>
			<p class="quiet">{say.careful}</p>
		</section>
	{/if}
</div>
<p class="quiet mt-4">{standingLine}</p>

<style>
	.screen {
		display: grid;
		grid-template-columns: minmax(0, 420px) minmax(0, 1fr);
		gap: 28px;
		align-items: start;
	}
	.verdict {
		font-size: 30px;
	}
	.tick {
		display: flex;
		gap: 10px;
		align-items: center;
		min-height: 48px;
	}
	.tick input {
		width: 24px;
		height: 24px;
	}
	@media (max-width: 767px) {
		.screen {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
