<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import type { RecipeDraft, ReadProblem } from '$lib/formats/recipe-draft';
	import { kindWords } from '$lib/present/wording/codes/words';
	import * as w from '$lib/present/wording';
	import type { Imported } from '$lib/server/services/dishes/import-recipe';
	import LongText from '$lib/ui/kit/LongText.svelte';
	import PutOnDay from '$lib/ui/menu/PutOnDay.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	/** Sent at once: often enough that the progress moves. */
	const chunk = 10;

	let pasted = $state('');
	let files = $state<FileList>();
	let progress = $state<{ done: number; all: number } | null>(null);
	let saved = $state<Imported[]>([]);
	let problems = $state<string[]>([]);
	let failed = $state('');
	/** What is doubtful stands first. */
	const ordered = $derived(
		[...saved].sort((a, b) => b.lines.length + b.asks.length - (a.lines.length + a.asks.length))
	);
	const finished = $derived(progress !== null && progress.done === progress.all);

	async function post<T>(path: string, body: unknown): Promise<T> {
		const answer = await fetch(path, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(body)
		});
		if (!answer.ok) throw new Error(w.recipeImport.failed);
		return (await answer.json()) as T;
	}

	async function readIn(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		const sources = pasted.trim() ? [{ text: pasted, where: w.recipeImport.paste }] : [];
		for (const file of files ?? []) sources.push({ text: await file.text(), where: file.name });
		failed = sources.length ? '' : w.recipeImport.nothing;
		if (failed) return;
		saved = [];
		problems = [];
		progress = { done: 0, all: 0 };
		try {
			const drafts: RecipeDraft[] = [];
			for (const source of sources) {
				const read = await post<{ recipes: RecipeDraft[]; problems: ReadProblem[] }>(
					'/menu/import/read',
					source
				);
				drafts.push(...read.recipes);
				problems.push(...read.problems.map((problem) => `${problem.where}: ${problem.message}`));
			}
			progress = { done: 0, all: drafts.length };
			for (let from = 0; from < drafts.length; from += chunk) {
				const part = await post<Imported[]>('/menu/import/save', drafts.slice(from, from + chunk));
				saved.push(...part);
				problems.push(...part.flatMap((one) => one.problems));
				progress.done += part.length;
			}
			if (saved.length) pasted = '';
			await invalidateAll();
		} catch (error) {
			failed = error instanceof Error ? error.message : w.recipeImport.failed;
			progress = null;
		}
	}
</script>

<svelte:head><title>{w.recipeImport.pageTitle}</title></svelte:head>

<div class="grid gap-5 lg:grid-cols-2">
	<form class="plate grid content-start gap-4" onsubmit={readIn}>
		<h1>{w.recipeImport.title}</h1>
		<p>{w.recipeImport.how}</p>
		<LongText name="pasted" label={w.recipeImport.paste} rows={12} bind:value={pasted} />
		<label class="grid gap-1">
			<span class="entry-label">{w.recipeImport.files}</span>
			<input class="file" type="file" multiple accept=".json,.html,.htm,.txt" bind:files />
		</label>
		<div class="flex flex-wrap items-center gap-4">
			<Press type="submit" first disabled={progress !== null && !finished}
				>{w.recipeImport.read}</Press
			>
			{#if progress && !finished}
				<progress max={progress.all} value={progress.done}></progress>
			{/if}
			<span role="status"
				>{progress && progress.all > 0
					? w.recipeImport.reading({ done: progress.done, all: progress.all })
					: ''}</span
			>
		</div>
		{#if failed}<p class="entry-error" role="alert">{failed}</p>{/if}
	</form>
	{#if saved.length > 0 || problems.length > 0}
		<section class="plate grid content-start gap-3">
			{#if saved.length > 0}
				<h2>{w.recipeImport.done({ n: saved.length })}</h2>
				{#if finished}
					<PutOnDay ids={saved.map(({ id }) => id)} days={data.days} habit={data.habit} />
				{/if}
				<ul>
					{#each ordered as dish (dish.id)}
						<li class="dish">
							<a class="font-bold" href="/menu/{dish.id}">{dish.name}</a>
							<span class="quiet"
								>{w.recipeImport.guessed({
									kind: kindWords[dish.kind].name.toLowerCase(),
									state: dish.state
								})}</span
							>
							{#if dish.asks.length > 0 || dish.lines.length > 0}
								{#await import('$lib/ui/menu/OpenQuestions.svelte') then { default: OpenQuestions }}
									<OpenQuestions
										dishId={dish.id}
										dish={dish.name}
										lines={dish.lines}
										asks={dish.asks}
										habit={data.habit}
									/>
								{/await}
							{:else}<p class="quiet">{w.recipeImport.allUnderstood}</p>{/if}
						</li>
					{/each}
				</ul>
			{/if}
			<h2>{w.recipeImport.report}</h2>
			<ul class="list-disc pl-5">
				{#each problems as problem, i (i)}<li>{problem}</li>{:else}<li>
						{w.recipeImport.clean}
					</li>{/each}
			</ul>
		</section>
	{/if}
</div>

<style>
	.dish {
		padding: 10px 0;
		border-top: 1px solid var(--hair);
	}
	.file {
		min-height: 48px;
		padding: 6px 0;
	}
	.file::file-selector-button {
		min-height: 44px;
		margin-right: 12px;
		padding: 0 16px;
		border: 2px solid var(--rim);
		border-radius: 10px;
		background: var(--enamel);
		color: var(--ink);
		font: inherit;
		font-weight: 700;
		cursor: pointer;
	}
</style>
