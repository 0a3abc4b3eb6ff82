<script lang="ts">
	import { applyAction, enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { readPackCode } from '$lib/core/packing';
	import * as w from '$lib/present/wording';
	import { massText } from '$lib/present/units';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import Scan from '$lib/ui/freezer/Scan.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.countUp;
	interface Extra {
		code: string;
		name: string;
		shelf: string;
	}
	let seen = $state<string[]>([]);
	let extras = $state<Extra[]>([]);
	let typed = $state('');
	let scanning = $state(false);
	let scanForm = $state<HTMLFormElement>();
	const key = $derived(`almacen-count-${data.shelfId}`);

	// what was ticked on this device before, for this shelf
	$effect(() => {
		const kept = JSON.parse(localStorage.getItem(key) ?? '{}') as {
			seen?: string[];
			extras?: Extra[];
		};
		seen = kept.seen ?? [];
		extras = kept.extras ?? [];
	});
	const keep = () => localStorage.setItem(key, JSON.stringify({ seen, extras }));

	const missing = $derived(data.lines.filter(({ code }) => !seen.includes(code)).length);

	function tick(code: string): boolean {
		if (!data.lines.some((line) => line.code === code)) return false;
		if (!seen.includes(code)) seen = [...seen, code];
		keep();
		return true;
	}
	/** Ticks a code of this list, or asks the server what else it is. */
	function there(code: string): void {
		typed = code;
		if (tick(code)) typed = '';
		else queueMicrotask(() => scanForm?.requestSubmit());
	}
</script>

<svelte:head><title>{say.title}</title></svelte:head>

<h1 class="mb-2">{say.heading}</h1>
<p class="quiet mb-4 max-w-[70ch]">{say.how}</p>
{#if form?.settled}<p class="plate mb-4" role="status">{form.settled}</p>{/if}
<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<section class="plate grid content-start gap-3">
		<Choice
			name="shelf"
			label={say.shelf}
			value={String(data.shelfId)}
			onchange={(event: Event) =>
				goto(`/freezer/count?shelf=${(event.currentTarget as HTMLSelectElement).value}`)}
			items={data.shelves.map(({ id, name }) => ({ value: String(id), name }))}
		/>
		{#if data.lines.length === 0}<p>{say.nothing}</p>{:else}
			<p class="flex flex-wrap items-center gap-4">
				<b>{say.seen({ n: data.lines.length - missing, of: data.lines.length })}</b>
				<Press
					onclick={() => {
						seen = data.lines.map(({ code }) => code);
						keep();
					}}>{say.allSeen}</Press
				>
			</p>
		{/if}
		<ul class="grid gap-1">
			{#each data.lines as pack (pack.code)}
				<li>
					<label class="tick">
						<input type="checkbox" value={pack.code} bind:group={seen} onchange={keep} />
						<span>
							<b>{pack.name}</b> <span class="font-bold tracking-wider">{pack.code}</span>
							<span class="quiet">{massText(pack.massKg, data.habit)}</span>
						</span>
					</label>
				</li>
			{/each}
			{#each extras as pack (pack.code)}
				<li>
					<b>{pack.name}</b> <span class="font-bold tracking-wider">{pack.code}</span>
					<span class="quiet">{say.from({ shelf: pack.shelf })}</span>
				</li>
			{/each}
		</ul>
	</section>
	<div class="grid content-start gap-5">
		<section class="plate grid gap-3">
			<form
				method="POST"
				action="?/known"
				bind:this={scanForm}
				class="grid gap-3"
				novalidate
				use:enhance={({ cancel }) => {
					const code = readPackCode(typed);
					if (code && tick(code)) {
						typed = '';
						cancel();
						return;
					}
					return async ({ result }) => {
						if (result.type === 'success' && result.data?.known) {
							const pack = result.data.known as Extra;
							if (!extras.some((known) => known.code === pack.code)) extras = [...extras, pack];
							keep();
							typed = '';
						}
						await applyAction(result);
					};
				}}
			>
				<Field name="code" label={say.code} bind:value={typed} error={form?.message} />
				<div class="flex flex-wrap gap-3">
					<Press type="submit" first>{say.add}</Press>
					<Press onclick={() => (scanning = !scanning)}>{say.camera}</Press>
				</div>
			</form>
			{#if scanning}<Scan found={there} />{/if}
		</section>
		<section class="plate grid gap-3">
			<h2>{say.differences}</h2>
			{#if missing === 0 && extras.length === 0}<p>{say.none}</p>{/if}
			{#if missing > 0}<p>{say.missing({ n: missing })}</p>{/if}
			{#if extras.length > 0}<p>{say.extra({ n: extras.length })}</p>{/if}
			<form
				method="POST"
				action="?/settle"
				use:enhance={() =>
					async ({ update, result }) => {
						if (result.type === 'success') {
							seen = [];
							extras = [];
							localStorage.removeItem(key);
						}
						await update({ reset: false });
					}}
			>
				<input type="hidden" name="shelfId" value={data.shelfId} />
				{#each data.lines as { code } (code)}<input
						type="hidden"
						name="listed"
						value={code}
					/>{/each}
				{#each [...seen, ...extras.map(({ code }) => code)] as code (code)}
					<input type="hidden" name="seen" value={code} />
				{/each}
				<Press type="submit" first>{say.settle}</Press>
			</form>
		</section>
	</div>
</div>
