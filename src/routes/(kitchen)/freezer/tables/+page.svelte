<script lang="ts">
	import { enhance } from '$app/forms';
	import { stockColumns } from '$lib/formats/stock-csv';
	import * as w from '$lib/present/wording';
	import { dayText } from '$lib/present/time';
	import { massText } from '$lib/present/units';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import LongText from '$lib/ui/kit/LongText.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.stockTable;
	// svelte-ignore state_referenced_locally
	let text = $state(form?.text ?? '');
	let busy = $state(false);
	const shelves = $derived(
		data.shelves.map(({ id, shelf, freezer }) => ({
			value: String(id),
			name: `${freezer}, ${shelf}`
		}))
	);
	const seen = $derived(form && 'heads' in form && form.heads ? form : null);
	const match = $derived<Record<string, string | undefined>>(seen?.match ?? {});
</script>

<svelte:head><title>{say.title}</title></svelte:head>

<h1 class="mb-4">{say.heading}</h1>
<div class="grid gap-5 lg:grid-cols-2">
	<section class="plate grid content-start gap-3">
		<p>{say.outHow}</p>
		<p><Press href="/freezer/stock.csv" first rel="external">{say.out}</Press></p>
		<p class="quiet">{say.everythingHow}</p>
		<p><Press href="/export.json" rel="external">{say.everything}</Press></p>
	</section>
	<section class="plate">
		<h2>{say.inHeading}</h2>
		<p class="quiet">{say.inHow}</p>
		{#if form?.message}<p class="entry-error" role="alert">{form.message}</p>{/if}
		{#if form?.written}<p role="status" class="font-bold">
				{say.written({ n: form.written })}
			</p>{/if}
		<form
			method="POST"
			action="?/look"
			enctype="multipart/form-data"
			class="mt-3 grid gap-4"
			use:enhance={() => {
				busy = true;
				return async ({ update, result }) => {
					await update({ reset: false });
					busy = false;
					if (result.type === 'success' && result.data?.text) text = String(result.data.text);
				};
			}}
		>
			<LongText name="text" label={say.paste} bind:value={text} rows={7} />
			<label class="grid gap-1">
				<span class="entry-label">{say.file}</span>
				<input type="file" name="file" accept=".csv,text/csv,text/plain" />
			</label>
			<div><Press type="submit" disabled={busy}>{say.look}</Press></div>
			{#if seen}
				<input type="hidden" name="matched" value="yes" />
				<fieldset class="grid gap-3 sm:grid-cols-2">
					<legend class="entry-label">{say.columns}</legend>
					{#each stockColumns as column (column)}
						<Choice
							name="column-{column}"
							label={say.heads[column]}
							value={match[column] ?? ''}
							placeholder=""
							items={[
								{ value: '', name: say.notThere },
								...seen.heads.map((head) => ({ value: head, name: head }))
							]}
						/>
					{/each}
				</fieldset>
				<Choice
					name="shelfId"
					label={say.usualShelf}
					value={String(seen.usualShelfId)}
					items={shelves}
				/>
				<p role="status">
					<b>{say.preview({ good: seen.good, bad: seen.bad, there: seen.there })}</b>
				</p>
				{#each seen.problems as { line, message } (line)}
					<p class="entry-error">{say.line({ n: line, message })}</p>
				{/each}
				<table class="ledger">
					<tbody>
						{#each seen.first as row (row.line)}
							<tr>
								<td>{row.count} × {row.name}</td>
								<td>{massText(row.massKg, data.habit)}</td>
								<td>{row.frozen.day ? dayText(row.frozen.day, data.habit) : w.already.useFirst}</td>
							</tr>
						{/each}
					</tbody>
				</table>
				{#if seen.good > 0}
					<div>
						<Press type="submit" first formaction="?/write" disabled={busy}
							>{busy ? say.writing : say.write({ n: seen.good })}</Press
						>
					</div>
				{/if}
			{/if}
		</form>
	</section>
</div>
