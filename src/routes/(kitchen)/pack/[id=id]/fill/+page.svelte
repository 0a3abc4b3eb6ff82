<script lang="ts">
	import { enhance } from '$app/forms';
	import { unevenness01 } from '$lib/core/packing';
	import * as w from '$lib/present/wording';
	import { lengthText, massText } from '$lib/present/units';
	import { quantityFromText } from '$lib/schemas/quantity-text';
	import { dayText } from '$lib/present/time';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { dayIn } from '$lib/present/time';
	import { keptWhenAway } from '$lib/ui/shell/kept-posts.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const say = w.fill;
	let at = $state(0);
	let masses = $state<Record<string, string>>({});

	const reserved = $derived(data.packs.filter(({ status }) => status === 'reserved'));
	const places = $derived(
		[...new Set(data.packs.map((p) => `${p.freezer}, ${p.shelf}`))].join('; ')
	);
	type Step = { kind: 'say' | 'headspace' | 'weigh' | 'finish'; text: string; quiet?: string };
	const steps = $derived<Step[]>([
		{
			kind: 'say',
			text: say.label,
			quiet: say.codes({ codes: data.packs.map(({ code }) => code).join(', ') })
		},
		{ kind: 'say', text: data.rigid ? say.openBox : say.holdBag },
		...(data.state === 'raw' ? [{ kind: 'say' as const, text: say.rawHands }] : []),
		...(data.plan.layers.length === 0
			? [{ kind: 'say' as const, text: say.whole({ mass: massText(data.massKg, data.habit) }) }]
			: data.plan.layers.map((layer, i) => ({
					kind: 'say' as const,
					text: say.layer({ n: i + 1, text: layer.text }),
					quiet: data.pressure && i === 0 ? say.pressureOrder : say.roles[layer.role]
				}))),
		...data.plan.inner.map((text) => ({ kind: 'say' as const, text: say.inner({ text }) })),
		...data.plan.keptBack.map((text) => ({ kind: 'say' as const, text: say.kept({ text }) })),
		{ kind: 'weigh', text: say.weigh },
		{
			kind: 'headspace',
			text: say.headspace({ mm: lengthText(data.headspaceMm / 1000, data.habit) })
		},
		...(data.rigid ? [] : [{ kind: 'say' as const, text: say.air }]),
		...(data.glass ? [{ kind: 'say' as const, text: say.glass }] : []),
		...(data.hasBones || !data.rigid
			? [{ kind: 'say' as const, text: data.hasBones ? say.double : say.doubleTravels }]
			: []),
		{
			kind: 'say',
			text: data.rigid ? say.stand : say.flat({ thick: lengthText(data.thicknessM, data.habit) })
		},
		{ kind: 'finish', text: say.place({ where: places }) }
	]);
	/** the packing that was filled while the connection was gone */
	let filledAway = $state<number | null>(null);
	const open = $derived(reserved.length > 0 && filledAway !== data.id);
	const step = $derived(steps[Math.min(at, steps.length - 1)]);
	const weighed = $derived(
		Object.values(masses)
			.map((text) => quantityFromText(text, 'mass', data.habit))
			.filter((kg) => kg > 0)
	);
	const uneven = $derived(unevenness01(weighed));
	const next = () => (at = Math.min(at + 1, steps.length - 1));

	function key(event: KeyboardEvent): void {
		const typing = event.target instanceof HTMLElement && /INPUT|SELECT/.test(event.target.tagName);
		if (typing || event.ctrlKey || event.altKey || event.metaKey) return;
		if (event.key === 'ArrowRight') next();
		if (event.key === 'ArrowLeft') at = Math.max(0, at - 1);
	}
</script>

<svelte:window onkeydown={key} />
<svelte:head><title>{say.title({ name: data.name })}</title></svelte:head>

<PageHead title={say.heading({ name: data.name })}>
	{#if data.state === 'raw'}<Word tone="caution" text={data.state} />{/if}
</PageHead>
{#if data.state === 'raw'}
	<p class="quiet mb-2">{say.allAtOnce}</p>
	<ol class="all">
		{#each steps as one, i (i)}
			<li class:raw={one.text === say.rawHands}>
				<b class="n">{i + 1}</b>
				<div>
					<p class="line">{one.text}</p>
					{#if one.quiet}<p class="quiet">{one.quiet}</p>{/if}
					{#if one.kind === 'weigh'}{@render weighing()}{/if}
				</div>
			</li>
		{/each}
	</ol>
	<div class="under">
		{#if open}{@render finish()}{:else}<p><b>{say.finished}</b></p>{/if}
	</div>
{:else}
	<section class="plate big" aria-live="polite">
		<p class="quiet">{say.step({ n: at + 1, of: steps.length })}</p>
		<p class="what">
			{#if step.kind === 'headspace'}
				<Why
					note={{
						title: say.headspaceTitle,
						rule: say.headspaceRule,
						inputs: [],
						sources: ['nchfp-freezing', 'container-sizes']
					}}>{step.text}</Why
				>
			{:else}{step.text}{/if}
		</p>
		{#if step.quiet}<p>{step.quiet}</p>{/if}
		{#if step.kind === 'weigh'}{@render weighing()}{/if}
		<div class="flex flex-wrap gap-3">
			{#if at > 0}<Press onclick={() => (at -= 1)}>{say.back}</Press>{/if}
			{#if step.kind !== 'finish'}
				<Press first onclick={next}>{say.done}</Press>
			{:else if open}
				{@render finish()}
			{:else}
				<p><b>{say.finished}</b></p>
			{/if}
		</div>
	</section>
{/if}

{#snippet weighing()}
	<div class="grid gap-3 sm:grid-cols-2">
		{#each data.packs as pack (pack.code)}
			<Field
				name="mass-{pack.code}"
				label={say.weighed({ code: pack.code })}
				bind:value={masses[pack.code]}
				placeholder={massText(pack.massKg ?? data.massKg, data.habit)}
			/>
		{/each}
	</div>
	{#if uneven !== null}
		<p role="status">
			{uneven > 0.1 ? say.uneven({ percent: Math.round(uneven * 100) }) : say.even}
		</p>
	{/if}
{/snippet}

{#snippet finish()}
	<form
		method="POST"
		action="/pack/{data.id}?/freeze"
		use:enhance={keptWhenAway(
			() => {},
			() => (filledAway = data.id)
		)}
	>
		<input
			type="hidden"
			name="packedOn"
			value={dayText(dayIn(clock.ms, data.habit.timeZone), data.habit)}
		/>
		{#each reserved as { code } (code)}
			<input type="hidden" name="filled" value={code} />
			<input type="hidden" name="mass-{code}" value={masses[code] ?? ''} />
		{/each}
		<Press type="submit" first>{say.finish}</Press>
	</form>
{/snippet}

<style>
	.all {
		display: grid;
		max-width: 760px;
	}
	.all li {
		display: grid;
		grid-template-columns: 34px minmax(0, 1fr);
		gap: 10px;
		padding: 10px 0;
		border-top: 1px solid var(--hair);
	}
	.n {
		font-size: 22px;
		line-height: 1.1;
	}
	.raw .n,
	.raw .line {
		color: var(--ember);
	}
	.line {
		font-size: 19px;
		font-weight: 700;
		line-height: 1.25;
	}
	.under {
		position: sticky;
		bottom: 0;
		max-width: 760px;
		padding: 10px 0 12px;
		background: var(--frost);
	}
	@media (max-width: 767px) {
		.under {
			bottom: 66px;
		}
	}
	.big {
		display: grid;
		gap: 18px;
		max-width: 760px;
	}
	.what {
		font-size: 26px;
		font-weight: 700;
		line-height: 1.25;
	}
</style>
