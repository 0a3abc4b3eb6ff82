<script lang="ts">
	import * as w from '$lib/present/wording';
	import { dayText } from '$lib/present/time';
	import { lengthText, massText, tempText } from '$lib/present/units';
	import { stackHardC } from '$lib/core/storage';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import Why from '$lib/ui/kit/Why.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const say = w.defrost;
	const { asked, typed } = $derived(data);
	const tenths = (h: number) => Math.round(h * 10) / 10;
	const massOf = (packs: readonly { massKg: number }[]) =>
		massText(
			packs.reduce((sum, { massKg }) => sum + massKg, 0),
			data.habit
		);
</script>

<svelte:head><title>{say.pageTitle}</title></svelte:head>

<PageHead title={say.heading({ name: data.freezer?.name ?? '' })}>
	<Press onclick={() => print()} look="quiet">{say.print}</Press>
</PageHead>
<div class="screen">
	<form method="GET" class="no-print grid content-start gap-3">
		<Choice
			name="freezer"
			label={say.which}
			value={String(data.freezer?.id ?? '')}
			items={data.freezers.map(({ id, name }) => ({ value: String(id), name }))}
		/>
		<Field
			name="roomC"
			label={say.room}
			hint={say.roomHint}
			value={typed.roomC ?? (asked ? tempText(asked.roomC, data.habit) : '')}
			error={data.errors.roomC}
		/>
		<Field
			name="blanketM"
			label={say.blanket}
			value={typed.blanketM ?? (asked ? lengthText(asked.blanketM, data.habit) : '')}
			error={data.errors.blanketM}
		/>
		<Field
			name="startC"
			label={say.start}
			hint={say.startHint}
			value={typed.startC ?? (asked ? tempText(asked.startC, data.habit) : '')}
			error={data.errors.startC}
		/>
		<p><Press type="submit" first>{say.look}</Press></p>
	</form>
	<div class="grid content-start gap-4">
		{#if data.eat.length + data.toOther.length + data.stack.length === 0}
			<p>{say.none}</p>
		{:else}
			{#if data.hold}
				<p>
					<Why
						note={{
							title: say.whyTitle,
							rule: say.why,
							inputs: [
								{ name: say.stack, value: massOf(data.stack) },
								...(asked
									? [
											{ name: say.room, value: tempText(asked.roomC, data.habit) },
											{ name: say.blanket, value: lengthText(asked.blanketM, data.habit) }
										]
									: [])
							],
							sources: ['appliance-model']
						}}
						><b class="figure"
							>{say.hours({ from: tenths(data.hold.from), to: tenths(data.hold.to) })}</b
						></Why
					>
					<span class="quiet">{say.holds({ temp: tempText(stackHardC, data.habit) })}</span>
				</p>
			{/if}
			{@render list(say.eat, say.eatHow, data.eat)}
			{@render list(
				data.other ? say.other({ name: data.other }) : say.noOther,
				data.other ? say.otherHow : '',
				data.toOther
			)}
			{@render list(say.stack, say.stackHow, data.stack)}
			<p class="quiet">{say.careful}</p>
		{/if}
	</div>
</div>

{#snippet list(
	title: string,
	how: string,
	packs: { code: string; name: string; massKg: number; bestBy: string | null }[]
)}
	<section>
		<h2>{title}</h2>
		<p class="quiet">{how}</p>
		{#if packs.length === 0}<p>{say.nothing}</p>{:else}
			<p class="quiet">{say.line({ n: packs.length, mass: massOf(packs) })}</p>
			<ul>
				{#each packs as pack (pack.code)}
					<li class="row">
						<a href="/freezer/{pack.code}">{pack.name}</a>
						<span class="quiet">{pack.code}</span>
						<span>{massText(pack.massKg, data.habit)}</span>
						<span class="quiet">{pack.bestBy ? dayText(pack.bestBy, data.habit) : ''}</span>
					</li>
				{/each}
			</ul>
		{/if}
	</section>
{/snippet}

<style>
	.screen {
		display: grid;
		grid-template-columns: 300px minmax(0, 1fr);
		gap: 28px;
		align-items: start;
	}
	.figure {
		font-size: 30px;
	}
	.row {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 70px 80px 110px;
		gap: 10px;
		align-items: center;
		min-height: 44px;
		border-top: 1px solid var(--hair);
	}
	.row a {
		padding: 10px 0;
	}
	@media (max-width: 767px) {
		.screen {
			grid-template-columns: minmax(0, 1fr);
		}
		.row {
			grid-template-columns: minmax(0, 1fr) auto auto;
		}
		.row span:last-child {
			display: none;
		}
	}
</style>
