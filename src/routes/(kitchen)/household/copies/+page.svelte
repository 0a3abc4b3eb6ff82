<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import WhatChanges from '$lib/ui/household/WhatChanges.svelte';
	import type { SubmitFunction } from '@sveltejs/kit';
	import { instantText } from '$lib/present/time';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let busy = $state('');
	let far = $state<{ shown: number; of: number } | null>(null);
	const trying = $derived(
		far ? w.household.tryingScreens({ ...far, shown: far.shown + 1 }) : w.household.seeing
	);
	const lookEveryMs = 700;
	$effect(() => {
		if (!busy || busy === 'copy?/copy') return;
		const timer = setInterval(async () => {
			const response = await fetch('/household/copies/progress').catch(() => null);
			if (response?.ok) far = (await response.json()) as typeof far;
		}, lookEveryMs);
		return () => {
			clearInterval(timer);
			far = null;
		};
	});
	const refusal = $derived(form?.part === 'readBack' ? form : null);
	const ofFile = $derived(refusal && !refusal.copy ? refusal.errors.file : null);
	const looked = $derived(form?.part === 'looked' ? form : null);
	/** what was chosen stays chosen: looked at and then put in place */
	const working =
		(name: string): SubmitFunction =>
		({ action }) => {
			busy = `${name}${action.search}`;
			return async ({ update }) => {
				await update({ reset: false });
				busy = '';
			};
		};
	const newest = $derived(data.copies[0]);
	const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(1)} MB`;
</script>

<svelte:head><title>{w.household.pageTitle}</title></svelte:head>

<PageHead title={w.household.parts.copies} />
<div class="grid gap-5 lg:grid-cols-2">
	<section class="plate grid content-start gap-3">
		<h2>{w.household.safeCopies}</h2>
		<p>
			{#if newest}
				{w.household.lastCopy} <b>{instantText(newest.madeAtMs, data.habit, clock.ms)}</b>
				{w.household.copiesKept({ size: megabytes(newest.bytes), count: data.copies.length })}
			{:else}
				{w.household.noCopy}
			{/if}
			{w.household.copiesHow} <code>copies</code>.
		</p>
		<form
			method="POST"
			action="?/copy"
			class="flex items-center gap-4"
			use:enhance={working('copy')}
		>
			<Press type="submit" disabled={busy !== ''}
				>{busy === 'copy?/copy' ? w.household.copying : w.household.copyNow}</Press
			>
			{#if form?.part === 'copies' && form.saved}<span role="status" class="font-semibold"
					>{w.household.made}</span
				>{/if}
		</form>
		{#if form?.part === 'copies' && form.errors}<p class="entry-error" role="alert">
				{form.errors.copy}
			</p>{/if}
		{#if data.copies.length}
			<h3>{w.household.allCopies}</h3>
			<ul class="grid gap-2">
				{#each data.copies as copy (copy.name)}
					{@const when = instantText(copy.madeAtMs, data.habit, clock.ms)}
					<li class="grid gap-2">
						<form
							method="POST"
							action="?/look"
							class="flex flex-wrap items-center gap-x-4 gap-y-1"
							use:enhance={working(copy.name)}
						>
							<input type="hidden" name="copy" value={copy.name} />
							<span class="grow">{when} <span class="quiet">{megabytes(copy.bytes)}</span></span>
							<Press
								type="submit"
								look="quiet"
								aria-label={w.household.seeChangesOf({ when })}
								disabled={busy !== ''}
								>{busy === `${copy.name}?/look` ? trying : w.household.seeChanges}</Press
							>
							{#if looked?.copy === copy.name}
								<div class="grid w-full gap-3">
									<WhatChanges changes={looked.changes} habit={data.habit} />
									{@render putBack(copy.name)}
								</div>
							{/if}
							{#if refusal?.copy === copy.name}<p class="entry-error w-full" role="alert">
									{refusal.errors.file}
								</p>{/if}
						</form>
					</li>
				{/each}
			</ul>
		{/if}
		<p class="quiet">{w.household.restoreHow} <code>npm run restore -- FILE</code>.</p>
	</section>
	<section class="plate grid content-start gap-3">
		<h2>{w.household.exportTitle}</h2>
		<p>{w.household.exportHow}</p>
		<div><Press href="/export.json" download>{w.household.exportNow}</Press></div>
		<form
			method="POST"
			action="?/look"
			enctype="multipart/form-data"
			class="grid gap-2"
			use:enhance={working('file')}
		>
			<label class="entry-label" for="file">{w.household.importTitle}</label>
			<input
				id="file"
				name="file"
				type="file"
				accept="application/json,.json"
				class="entry"
				aria-describedby={ofFile ? 'file-error' : undefined}
			/>
			{#if ofFile}<p class="entry-error" id="file-error" role="alert">{ofFile}</p>{/if}
			<div>
				<Press type="submit" disabled={busy !== ''}
					>{busy === 'file?/look' ? trying : w.household.seeChanges}</Press
				>
			</div>
			{#if looked && !looked.copy}
				<WhatChanges changes={looked.changes} habit={data.habit} />
				{@render putBack('file')}
			{/if}
			<p class="quiet">{w.household.importHow}</p>
		</form>
	</section>
</div>

{#snippet putBack(name: string)}
	<div>
		<Press type="submit" formaction="?/readBack" first disabled={busy !== ''}
			>{busy === `${name}?/readBack`
				? far
					? trying
					: w.household.reading
				: w.household.changes.putBack}</Press
		>
	</div>
{/snippet}
