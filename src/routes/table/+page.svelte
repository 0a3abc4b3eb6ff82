<script lang="ts">
	import * as w from '$lib/present/wording';
	import { durationText, instantText } from '$lib/present/time';
	import { methodText } from '$lib/present/wording/codes/words';
	import { routeText } from '$lib/ui/table/route-text';
	import Field from '$lib/ui/kit/Field.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Slab from '$lib/ui/kit/Slab.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	// svelte-ignore state_referenced_locally
	let by = $state(data.by);
	const can = $derived(data.ways.filter((way) => way.best));
	const cannot = $derived(data.ways.filter((way) => !way.best));
	const left = $derived(Math.round((data.serveAtMs - data.nowMs) / 60_000));
</script>

<svelte:head><title>{w.table.pageTitle}</title></svelte:head>

<form method="GET" class="mb-4 flex flex-wrap items-end gap-4">
	<div class="tape p-3">
		<Field
			name="by"
			label={w.table.serveBy}
			inputmode="numeric"
			size="6"
			bind:value={by}
			error={data.badTime !== null ? w.table.badTime : undefined}
		/>
	</div>
	<Press type="submit">{w.table.look}</Press>
	<p class="pb-3">
		<b>{instantText(data.serveAtMs, data.habit, data.nowMs)}</b>{w.table.summary({
			left: durationText(left),
			able: can.length,
			all: data.ways.length
		})}
	</p>
</form>

{#if data.ways.length === 0}
	<section class="plate">
		<p>{w.table.empty}</p>
		<p class="mt-3"><Press href="/pack" first>{w.table.packADish}</Press></p>
	</section>
{:else}
	<div class="grid gap-3 md:grid-cols-2">
		{#each can as { pack, alike, best } (pack.id)}
			<a class="plate way" href="/table/{pack.code}?by={data.by}">
				<Slab
					thicknessM={pack.own.block.thicknessM}
					lengthM={pack.packing.lengthM}
					habit={data.habit}
				/>
				<span>
					<b class="text-[17px]">{pack.name}</b>{#if alike > 1}&nbsp;<span class="quiet"
							>{w.table.packs({ count: alike })}</span
						>{/if}<br />
					{#if best}
						{methodText(best.method, data.habit)}, {routeText(best.route)} · {durationText(
							best.totalMin.to
						)}<br />
						<span class="quiet">
							{w.table.packLine({
								action: best.takeOutAtMs ? w.table.takeOutBy : w.table.startBy,
								at: instantText(best.takeOutAtMs ?? best.startAtMs, data.habit, data.nowMs),
								servings: pack.own.servings,
								code: pack.code
							})}
						</span>
						<Word tone={best.advice} text={best.advice} />
					{/if}
				</span>
			</a>
		{/each}
	</div>
	{#if cannot.length > 0}
		<section class="plate mt-5">
			<h2>{w.table.tooLate}</h2>
			<ul class="mt-1">
				{#each cannot as { pack } (pack.id)}
					<li class="py-2">
						<a href="/table/{pack.code}?by={data.by}">{pack.name}</a>
						<span class="quiet">{w.table.seeWhy({ what: pack.code })}</span>
					</li>
				{/each}
			</ul>
		</section>
	{/if}
{/if}

<style>
	.way {
		display: grid;
		grid-template-columns: 118px 1fr;
		align-items: center;
		gap: 14px;
		text-decoration: none;
	}
	.way:hover {
		background: var(--cold-pale);
	}
</style>
