<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import * as w from '$lib/present/wording';
	import { labelPaperKeys } from '$lib/core/published';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PdfPreview from '$lib/ui/labels/PdfPreview.svelte';
	import { RollPrint } from '$lib/ui/labels/roll-print.svelte';
	import SheetPlaces from '$lib/ui/labels/SheetPlaces.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.labelsPage;
	let start = $state(1);
	let byHand = $state(false);
	let only = $state<string | null>(null);
	const printer = new RollPrint();
	// svelte-ignore state_referenced_locally
	let typed = $state<Record<string, string>>(form?.typed ?? { page: 'a4' });
	const errors = $derived<Record<string, string>>(form?.errors ?? {});

	const places = $derived(data.paper.columns * data.paper.rows);
	const count = $derived(only ? 1 : data.packs.length);
	const sheets = $derived(Math.ceil((Math.min(start, places) - 1 + count) / places));
	const which = $derived(only ? `codes=${only}` : data.query);
	const file = $derived(
		`/labels.pdf?${which}&paper=${encodeURIComponent(data.key)}&start=${Math.min(start, places)}&at=${data.offset.xMm},${data.offset.yMm}${byHand ? '&byhand' : ''}`
	);
	const names = $derived([...new Set(data.packs.map(({ name }) => name))]);
	const lacking = $derived(data.packs.filter(({ leftOut }) => leftOut.length > 0));
	const alike = $derived(new Set(lacking.map(({ leftOut }) => leftOut.join())).size === 1);
	const partWords = (parts: readonly (keyof typeof say.parts)[]) =>
		parts.map((part) => say.parts[part]).join(', ');
	const choose = (key: string) =>
		goto(`/labels?${data.query}&paper=${encodeURIComponent(key)}`, {
			replaceState: true,
			noScroll: true,
			keepFocus: true
		});
	const millimetreFields = [
		['labelWidthMm', say.width],
		['labelHeightMm', say.height],
		['columns', say.columns],
		['rows', say.rows],
		['leftMm', say.left],
		['topMm', say.top],
		['columnGapMm', say.columnGap],
		['rowGapMm', say.rowGap]
	] as const;
	formScope({ typed: () => typed, errors: () => errors });
</script>

<svelte:head><title>{say.title}</title></svelte:head>

{#if data.packs.length === 0}
	<section class="plate">
		<h1>{say.none}</h1>
		<p class="mt-2">{say.noneHint}</p>
	</section>
{:else}
	<PageHead
		title={say.heading({ n: data.packs.length, name: names.slice(0, 3).join(', ') })}
		facts={sheets > 1 ? say.moreSheets({ n: sheets }) : ''}
	>
		<Press href="/card.pdf?{which}" target="_blank" rel="external" look="quiet" title={say.cardHint}
			>{say.card}</Press
		>
		{#if data.paper.kind === 'roll'}
			<Press look="quiet" onclick={() => printer.start(file)} disabled={printer.busy}
				>{say.toPrinter}</Press
			>
		{/if}
		<Press href={file} first target="_blank" rel="external">{say.open}</Press>
	</PageHead>
	{#if form?.saved}<p class="mb-3 font-bold" role="status">{form.saved}</p>{/if}
	<div class="grid items-start gap-7 lg:grid-cols-[400px_1fr]">
		<div class="grid content-start gap-5">
			<section class="grid content-start gap-3">
				<form method="POST" action="?/paper" use:enhance class="grid gap-3">
					<Choice
						name="paper"
						label={say.paper}
						value={data.key}
						onchange={(event: Event) => choose((event.currentTarget as HTMLSelectElement).value)}
						items={[
							...labelPaperKeys.map((key) => ({ value: key, name: say.papers[key] })),
							...Object.keys(data.own).map((key) => ({
								value: key,
								name: say.ownPaper({ name: key.slice(4) })
							}))
						]}
					/>
					<div><Press type="submit" look="quiet">{say.keepPaper}</Press></div>
				</form>
				{#if data.paper.kind === 'sheet'}
					<SheetPlaces paper={data.paper} {count} bind:start />
					{#if sheets <= 1}<p class="entry-hint">{say.oneSheet}</p>{/if}
				{/if}
				{#each data.packs.filter(({ unprintable }) => unprintable.length > 0) as pack (pack.code)}
					<p class="entry-error" role="alert">
						{say.unprintable({ code: pack.code, marks: pack.unprintable.join(' ') })}
					</p>
				{/each}
				{#if lacking.length === 0}
					<p class="quiet">{say.allOn}</p>
				{:else if alike && lacking.length === data.packs.length}
					<p>{say.leftOutAll({ parts: partWords(lacking[0].leftOut) })}</p>
				{:else}
					{#each lacking as pack (pack.code)}
						<p>{say.leftOut({ code: pack.code, parts: partWords(pack.leftOut) })}</p>
					{/each}
				{/if}
				<label class="tick">
					<input type="checkbox" bind:checked={byHand} />
					{say.byHand}
				</label>
				{#if printer.total > 0}
					<div role="status" class="grid gap-2">
						{#if printer.trouble}
							<p class="entry-error">{say.states[printer.trouble]}</p>
							<div class="flex gap-3">
								<Press first onclick={() => printer.goOn()}>{say.goOn}</Press>
								<Press onclick={() => printer.stop()}>{say.stop}</Press>
							</div>
						{:else if printer.busy}
							<p>{say.printing({ n: printer.done + 1, of: printer.total })}</p>
							<progress max={printer.total} value={printer.done}></progress>
						{:else}
							<p><b>{say.printedAll({ n: printer.total })}</b></p>
						{/if}
					</div>
				{/if}
				<p class="quiet">{say.atFullSize}</p>
			</section>
			<section>
				<table class="ledger">
					<tbody>
						{#each data.packs as pack (pack.code)}
							<tr>
								<td>{pack.name}, {w.packOne.numberOf({ number: pack.number, of: pack.of })}</td>
								<td class="font-bold tracking-wider">{pack.code}</td>
								<td>
									<label class="tick">
										<input
											type="checkbox"
											checked={only === pack.code}
											onchange={() => (only = only === pack.code ? null : pack.code)}
										/>
										{say.reprint}
									</label>
								</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</section>
			<section>
				<h2>{say.stick}</h2>
				<ul class="mt-2 grid list-disc gap-1 pl-5">
					{#each say.stickHow as line (line)}<li>{line}</li>{/each}
				</ul>
			</section>
			<details>
				<summary class="min-h-12 cursor-pointer font-bold">{say.calibrate}</summary>
				<p class="mt-2">{say.calibrateHow}</p>
				<p class="mt-2">
					<Press
						href="/labels/test.pdf?paper={encodeURIComponent(data.key)}"
						target="_blank"
						rel="external">{say.testPage}</Press
					>
				</p>
				<form
					method="POST"
					action="?/offset"
					use:enhance
					class="mt-3 grid grid-cols-2 gap-3"
					novalidate
				>
					<Field name="rightMm" label={say.right} hint={say.negative} />
					<Field name="lowMm" label={say.low} hint={say.negative} />
					<p class="quiet col-span-2">
						{say.corrected({ x: data.offset.xMm, y: data.offset.yMm })}
					</p>
					<div><Press type="submit">{say.correct}</Press></div>
				</form>
			</details>
			<details open={'name' in errors || 'columns' in errors}>
				<summary class="min-h-12 cursor-pointer font-bold">{say.own}</summary>
				<form
					method="POST"
					action="?/own"
					use:enhance={() =>
						async ({ update, result }) => {
							await update({ reset: false });
							if (result.type === 'success' && result.data?.key)
								await choose(String(result.data.key));
						}}
					class="mt-3 grid grid-cols-2 gap-3"
					novalidate
				>
					<Field name="name" label={say.ownName} />
					<Choice
						name="page"
						label={say.ownPage}
						items={(['a4', 'letter', 'roll'] as const).map((value) => ({
							value,
							name: say.pages[value]
						}))}
					/>
					{#each millimetreFields as [name, label] (name)}
						<Field
							{name}
							{label}
							bind:value={typed[name]}
							error={errors[name]}
							inputmode="decimal"
						/>
					{/each}
					<div class="col-span-2"><Press type="submit">{say.keepOwn}</Press></div>
				</form>
			</details>
		</div>
		<section class="plate grid content-start gap-3">
			<h2>{say.preview}</h2>
			<PdfPreview path={file} label={say.preview} />
		</section>
	</div>
{/if}
