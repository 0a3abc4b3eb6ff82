<script lang="ts">
	import { dayText } from '$lib/present/time';
	import { massText, tempText, volumeText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const say = w.trip;
	const whole = (h: number) => Math.round(h);
	const between = ({ from, to }: { from: number; to: number }) =>
		say.hours({ from: whole(from), to: whole(to) });
	const { asked, typed } = $derived(data);
	const note = $derived({
		title: say.whyTitle,
		rule: say.why({ hard: tempText(-5, data.habit), cold: tempText(5, data.habit) }),
		inputs: asked
			? [
					{ name: say.packs, value: massText(data.massKg, data.habit) },
					{ name: say.ice, value: massText(asked.iceKg, data.habit) },
					{ name: say.kind, value: say.kinds[asked.kind] },
					{ name: say.volume, value: volumeText(asked.volumeL, data.habit) },
					{ name: say.ambient, value: tempText(asked.ambientC, data.habit) },
					{ name: say.openings, value: String(asked.openings) }
				]
			: [],
		sources: ['appliance-model' as const]
	});
</script>

<svelte:head><title>{say.pageTitle}</title></svelte:head>

<PageHead title={say.heading({ n: data.packs.length })}>
	{#if data.packs.length > 0}
		<Press href="/labels?codes={data.codes}" look="quiet">{say.labels}</Press>
		<Press onclick={() => print()} look="quiet">{say.print}</Press>
	{/if}
</PageHead>
{#if data.packs.length === 0}
	<p>{say.none}</p>
	<p class="mt-3"><Press href="/freezer" first>{say.toFreezer}</Press></p>
{:else}
	<div class="screen">
		<form method="GET" class="no-print grid content-start gap-3">
			<input type="hidden" name="codes" value={data.codes} />
			<div class="grid grid-cols-2 gap-3">
				<Choice
					name="kind"
					label={say.kind}
					value={asked?.kind ?? typed.kind}
					items={[
						{ value: 'hard', name: say.kinds.hard },
						{ value: 'soft', name: say.kinds.soft }
					]}
				/>
				<Field
					name="volumeL"
					label={say.volume}
					value={typed.volumeL ?? (asked ? volumeText(asked.volumeL, data.habit) : '')}
					error={data.errors.volumeL}
				/>
				<Field
					name="iceKg"
					label={say.ice}
					value={typed.iceKg ?? ''}
					hint={say.iceHint}
					error={data.errors.iceKg}
				/>
				<Field
					name="ambientC"
					label={say.ambient}
					value={typed.ambientC ?? (asked ? tempText(asked.ambientC, data.habit) : '')}
					hint={say.ambientHint}
					error={data.errors.ambientC}
				/>
				<Field
					name="openings"
					label={say.openings}
					inputmode="numeric"
					value={typed.openings ?? String(asked?.openings ?? '')}
					error={data.errors.openings}
				/>
			</div>
			<div><Press type="submit" first>{say.look}</Press></div>
		</form>
		<div class="grid content-start gap-3">
			{#if data.hold}
				<p class="figures" role="status">
					<span><Why {note}><b>{between(data.hold.hardH)}</b></Why> {say.hard}</span>
					<span
						><b>{between(data.hold.to5H)}</b>
						{say.cold({ temp: tempText(5, data.habit) })}</span
					>
				</p>
				<p>{say.careful}</p>
			{/if}
			<table class="ledger">
				<thead>
					<tr>
						<th>{say.code}</th><th>{say.what}</th><th>{say.weight}</th><th>{say.bestBy}</th>
					</tr>
				</thead>
				<tbody>
					{#each data.packs as pack (pack.code)}
						<tr>
							<td><a href="/freezer/{pack.code}">{pack.code}</a></td>
							<td>
								{pack.name}
								{#if pack.state === 'raw'}<Word tone="caution" text={pack.state} />{/if}
								{#if pack.allergens.length > 0}
									<br /><span class="quiet"
										>{say.contains({ what: pack.allergens.join(', ') })}</span
									>
								{/if}
							</td>
							<td>{massText(pack.massKg, data.habit)}</td>
							<td>{pack.bestBy ? dayText(pack.bestBy, data.habit) : say.noDate}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	</div>
{/if}

<style>
	.screen {
		display: grid;
		gap: 18px 28px;
	}
	.figures {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 36px;
	}
	.figures b {
		font-size: 30px;
	}
	@media (min-width: 900px) {
		.screen {
			grid-template-columns: 400px minmax(0, 1fr);
		}
	}
</style>
