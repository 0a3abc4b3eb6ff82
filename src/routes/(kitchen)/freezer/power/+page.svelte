<script lang="ts">
	import { enhance } from '$app/forms';
	import { holdsH, type PowerCutOutcome, powerCutVerdict } from '$lib/core/rules';
	import * as w from '$lib/present/wording';
	import { standingLine } from '$lib/present/wording/codes/words';
	import { tempText } from '$lib/present/units';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.powerCut;
	// svelte-ignore state_referenced_locally
	let typed = $state({ ...data.typed });
	/** what was seen in a pack */
	let seen = $state<Record<string, 'look' | 'yes' | 'no'>>({});
	const tones = {
		keep: 'good',
		refreeze: 'good',
		'cook-now': 'caution',
		look: 'caution',
		discard: 'refused'
	} as const;
	const verdicts = $derived(
		data.outH === null
			? []
			: data.packs.map((pack) => ({
					pack,
					...powerCutVerdict({
						groups: pack.groups,
						outH: data.outH ?? 0,
						fill01: data.fill01,
						doorOpened: data.opened,
						iceCrystals: { yes: true, no: false, look: null }[seen[pack.code] ?? 'look'],
						warmestC: data.warmestC,
						aboveH: data.aboveH,
						coveredH: data.coveredH,
						unfrozenH: data.unfrozenH,
						keepsDays: pack.keepsDays,
						isIce: pack.isIce
					})
				}))
	);
	const count = (outcome: PowerCutOutcome) =>
		verdicts.filter((verdict) => verdict.outcome === outcome).length;
	const out = $derived(verdicts.filter(({ outcome }) => outcome === 'discard'));
	const allCovered = $derived(
		data.outH !== null && data.warmestC !== null && data.coveredH >= data.outH - 1e-6
	);
	const rounded = (value: number) => Math.round(value * 10) / 10;
</script>

<svelte:head><title>{say.title}</title></svelte:head>

<h1 class="mb-2">{say.heading}</h1>
<p class="mb-4 max-w-[70ch]">{say.how}</p>
{#if form?.message}<p class="plate mb-4" role="status">{form.message}</p>{/if}
<form
	method="GET"
	class="plate no-print mb-5 grid gap-4 sm:grid-cols-2 lg:grid-cols-5"
	data-sveltekit-keepfocus
>
	<Choice
		name="freezer"
		label={say.freezer}
		value={String(data.freezerId ?? '')}
		items={data.freezers.map(({ id, name }) => ({ value: String(id), name }))}
	/>
	<Field
		name="from"
		type="datetime-local"
		label={say.from}
		hint={say.fromHint}
		bind:value={typed.from}
		error={data.bad ? say.spanBad : undefined}
	/>
	<Field name="to" type="datetime-local" label={say.to} bind:value={typed.to} />
	<label class="tick self-end">
		<input type="checkbox" name="opened" checked={data.opened} />
		{say.opened}
	</label>
	<div class="self-end"><Press type="submit" first>{say.work}</Press></div>
</form>
{#if data.packs.length === 0}
	<p class="plate">{say.none}</p>
{:else if data.outH !== null}
	<section class="plate">
		<p>
			{say.fill({ percent: Math.round(data.fill01 * 100) })}
			<Why note={{ title: say.holdTitle, rule: say.holdRule, inputs: [], sources: ['power-cut'] }}
				><b>{say.hoursText({ hours: Math.round(holdsH(data.fill01)) })}</b></Why
			>.
			{say.outHours({ hours: rounded(data.outH) })}
			{data.warmestC === null
				? say.noReadings
				: say.readings({
						warmest: tempText(data.warmestC, data.habit),
						covered: rounded(data.coveredH),
						of: rounded(data.outH)
					})}
			{#if data.warmestC !== null && !allCovered}{say.notCovered}{/if}
		</p>
		<p class="mt-2" aria-live="polite">
			<b
				>{say.counts({
					keep: count('keep'),
					refreeze: count('refreeze'),
					cook: count('cook-now'),
					discard: count('discard'),
					look: count('look')
				})}</b
			>
		</p>
		<table class="ledger mt-3">
			<thead>
				<tr>
					<th>{w.freezer.pack}</th>
					<th>{say.verdict}</th>
					<th class="no-print">{say.ice}</th>
				</tr>
			</thead>
			<tbody>
				{#each verdicts as { pack, outcome, reason } (pack.code)}
					<tr>
						<td>
							<b>{pack.name}</b> <span class="font-bold tracking-wider">{pack.code}</span><br />
							<span class="quiet">{pack.shelf}</span>
						</td>
						<td>
							<Word tone={tones[outcome]} text={say.outcomes[outcome]} /><br />
							<span class="quiet">{say.reasons[reason]}</span>
						</td>
						<td class="no-print">
							{#if !allCovered}
								<div class="flex flex-wrap gap-x-4">
									{#each ['look', 'yes', 'no'] as const as answer (answer)}
										<label class="tick">
											<input
												type="radio"
												name="ice-{pack.code}"
												checked={(seen[pack.code] ?? 'look') === answer}
												onchange={() => (seen[pack.code] = answer)}
											/>
											{(pack.isIce ? say.hardAnswers : say.iceAnswers)[answer]}
										</label>
									{/each}
								</div>
							{/if}
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<div class="no-print mt-4 flex flex-wrap gap-3">
			<Press onclick={() => print()}>{say.print}</Press>
			{#if out.length > 0}
				<form method="POST" action="?/discard" use:enhance>
					{#each out as { pack } (pack.code)}
						<input type="hidden" name="pack" value={pack.code} />
					{/each}
					<Press type="submit">{say.discardAll({ n: out.length })}</Press>
				</form>
			{/if}
		</div>
		<p class="quiet mt-3">{standingLine}</p>
	</section>
{/if}
