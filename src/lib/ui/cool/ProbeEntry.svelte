<script lang="ts">
	import { enhance } from '$app/forms';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';

	let {
		runId,
		probe,
		probes,
		doubtful,
		answer,
		error
	}: {
		runId: number;
		probe: string | null;
		/** null: no thermometer answers */
		probes: { id: string; name: string }[] | null;
		/** readings that are not counted */
		doubtful: number;
		answer:
			{ fresh: number; twice: number; problems: { line: number; message: string }[] } | undefined;
		error: string | undefined;
	} = $props();
</script>

{#if doubtful > 0}<p class="entry-error" role="alert">
		{w.probes.doubtful({ count: doubtful })}
	</p>{/if}
{#if probes || probe}
	<form method="POST" action="?/probe" use:enhance class="mt-3 grid gap-2">
		<label
			><span class="entry-label">{w.probes.follow}</span>
			<select
				class="entry"
				name="probe"
				value={probe ?? ''}
				onchange={(event) => event.currentTarget.form?.requestSubmit()}
			>
				<option value="">{w.probes.none}</option>
				{#each probes ?? [{ id: probe ?? '', name: probe ?? '' }] as { id, name } (id)}
					<option value={id}>{name}</option>
				{/each}
			</select>
		</label>
		<noscript><button class="press">{w.probes.followIt}</button></noscript>
	</form>
	{#if !probes}<p class="entry-error">{w.probes.unreachable}</p>{/if}
{:else}
	<p class="quiet mt-3">{w.probes.notThere}</p>
{/if}
<form
	method="POST"
	action="?/file"
	enctype="multipart/form-data"
	use:enhance
	class="mt-3 grid gap-2"
>
	<label
		><span class="entry-label">{w.probes.file}</span>
		<input class="entry" type="file" name="file" accept=".csv,.txt,text/csv" />
	</label>
	<p class="entry-hint">{w.probes.fileHint}</p>
	{#if error}<p class="entry-error" role="alert">{error}</p>{/if}
	{#if answer}
		<p role="status">{w.probes.read({ count: answer.fresh, twice: answer.twice })}</p>
		{#each answer.problems as { line, message } (line)}
			<p class="entry-error">{w.probes.problem({ line, message })}</p>
		{/each}
	{/if}
	<Press type="submit">{w.probes.readFile}</Press>
</form>
<p class="quiet mt-3">
	{w.probes.locked}
	<a href="/cool/{runId}/limits.ics" download>{w.probes.calendar}</a>
</p>
