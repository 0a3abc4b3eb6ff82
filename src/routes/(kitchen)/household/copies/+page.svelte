<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import { instantText } from '$lib/present/time';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, Record<string, string>>>(
		form && 'errors' in form && form.errors ? { [form.part]: form.errors } : {}
	);
	let busy = $state('');
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
			use:enhance={() => {
				busy = 'copy';
				return async ({ update }) => {
					await update();
					busy = '';
				};
			}}
		>
			<Press type="submit" disabled={busy === 'copy'}
				>{busy === 'copy' ? w.household.copying : w.household.copyNow}</Press
			>
			{#if form?.part === 'copies' && 'saved' in form}<span role="status" class="font-semibold"
					>{w.household.made}</span
				>{/if}
		</form>
		<p class="quiet">{w.household.restoreHow} <code>npm run restore -- FILE</code>.</p>
	</section>
	<section class="plate grid content-start gap-3">
		<h2>{w.household.exportTitle}</h2>
		<p>{w.household.exportHow}</p>
		<div><Press href="/export.json" download>{w.household.exportNow}</Press></div>
		<form
			method="POST"
			action="?/readBack"
			enctype="multipart/form-data"
			class="grid gap-2"
			use:enhance={() => {
				busy = 'readBack';
				return async ({ update }) => {
					await update();
					busy = '';
				};
			}}
		>
			<label class="entry-label" for="file">{w.household.importTitle}</label>
			<input
				id="file"
				name="file"
				type="file"
				accept="application/json,.json"
				class="entry"
				aria-describedby={errors.readBack ? 'file-error' : undefined}
			/>
			{#if errors.readBack}<p class="entry-error" id="file-error" role="alert">
					{errors.readBack.file}
				</p>{/if}
			<div>
				<Press type="submit" disabled={busy === 'readBack'}
					>{busy === 'readBack' ? w.household.reading : w.household.importNow}</Press
				>
			</div>
			<p class="quiet">{w.household.importHow}</p>
		</form>
	</section>
</div>
