<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import { browser } from '$app/environment';
	import { enhance } from '$app/forms';
	import type { SubmitFunction } from '@sveltejs/kit';
	import * as w from '$lib/present/wording';
	import { dayText } from '$lib/present/time';
	import { groupWords } from '$lib/present/wording/codes/words';
	import { storageGroups } from '$lib/schemas/choices';
	import { EntryQueue } from '$lib/ui/freezer/entry-queue.svelte';
	import { focusFirst } from '$lib/ui/kit/checked';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.already;
	const fresh = {
		name: '',
		count: '',
		servings: '',
		massKg: '',
		makerBestBy: '',
		boughtOn: '',
		cookedOn: '',
		// each row is what it is: not what the one before was
		group: '',
		state: ''
	};
	// svelte-ignore state_referenced_locally
	let typed = $state<Record<string, string>>(
		form?.typed ?? {
			...fresh,
			frozen: '',
			shelfId: data.shelves[0]?.value ?? ''
		}
	);
	let errors = $derived<Record<string, string>>(form?.errors ?? {});
	const queue = new EntryQueue();
	/** what is needed to read an entry, fetched while the first one is typed */
	const reading = browser
		? Promise.all([import('$lib/schemas/frozen-thing'), import('$lib/schemas/read-form')])
		: null;
	reading?.catch((error) => console.error('The form cannot be read yet:', error));

	/** Kept at once, sent in its turn; the next one can be typed. Date and shelf stay: neighbours in a freezer are often alike. */
	const keep: SubmitFunction = async ({ formData, formElement, cancel, action }) => {
		cancel();
		if (!reading) return;
		const [{ frozenThingSchema }, { rawFields, readForm }] = await reading;
		const raw = rawFields(formData);
		const form = readForm(frozenThingSchema(data.habit, data.today), raw);
		errors = form.ok ? {} : form.errors;
		if (!form.ok) {
			focusFirst(formElement, form.errors);
			return;
		}
		queue.add(action.pathname + action.search, raw);
		// what was typed since stays
		for (const [name, empty] of Object.entries(fresh))
			if ((typed[name] ?? '') === (raw[name] ?? '')) typed[name] = empty;
		document.getElementById('name')?.focus();
	};
	function correct(key: number): void {
		const entry = queue.take(key);
		if (!entry) return;
		typed = { ...entry.typed };
		errors = entry.errors;
		document.getElementById('name')?.focus();
	}
	const written = $derived(queue.entries.flatMap(({ packs }) => packs));
	formScope({ typed: () => typed, errors: () => errors });
</script>

<svelte:head><title>{say.title}</title></svelte:head>

<h1 class="mb-2">{say.heading}</h1>
<p class="quiet mb-4 max-w-[70ch]">{say.how}</p>
<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<form method="POST" class="plate grid content-start gap-4" novalidate use:enhance={keep}>
		<Field name="name" label={say.name} hint={say.nameHint} list="names" autofocus />
		<datalist id="names">
			{#each data.names as name (name)}<option value={name}></option>{/each}
		</datalist>
		<div class="grid grid-cols-3 gap-3">
			<Field name="count" label={say.count} placeholder="1" inputmode="numeric" />
			<Field name="servings" label={say.servings} placeholder="1" inputmode="numeric" />
			<Field
				name="massKg"
				label={say.mass}
				placeholder={data.habit.system === 'us' ? '1 lb' : '500 g'}
			/>
		</div>
		<Field name="frozen" label={say.when} hint={say.whenHint} />
		<div class="grid gap-3 sm:grid-cols-3">
			<Choice
				name="group"
				label={say.group}
				placeholder=""
				items={[
					{ value: '', name: say.groupByName },
					...storageGroups.map((value) => ({ value, name: groupWords[value] }))
				]}
			/>
			<Choice
				name="state"
				label={say.state}
				placeholder=""
				items={[
					{ value: '', name: say.groupByName },
					{ value: 'cooked', name: w.freezer.cooked },
					{ value: 'raw', name: w.freezer.raw }
				]}
			/>
			<Choice name="shelfId" label={say.shelf} items={data.shelves} />
		</div>
		<details open={Boolean(errors.makerBestBy || errors.boughtOn || errors.cookedOn)}>
			<summary class="min-h-12 cursor-pointer font-bold">{say.more}</summary>
			<div class="grid gap-3 sm:grid-cols-3">
				<Field name="makerBestBy" label={say.maker} hint={say.makerHint} />
				<Field name="boughtOn" label={say.bought} />
				<Field name="cookedOn" label={say.cooked} />
			</div>
		</details>
		<div><Press type="submit" first>{say.add}</Press></div>
	</form>
	{#if queue.entries.length > 0}
		<section class="plate content-start" aria-live="polite">
			<h2>{say.done({ n: written.length })}</h2>
			<table class="ledger mt-2">
				<tbody>
					{#each queue.entries as entry (entry.key)}
						{#if entry.state === 'saved'}
							{#each entry.packs as pack (pack.code)}
								<tr>
									<td><a href="/freezer/{pack.code}">{pack.name}</a></td>
									<td>{pack.state === 'raw' ? w.freezer.raw : w.freezer.cooked}</td>
									<td>{pack.bestBy ? dayText(pack.bestBy, data.habit) : say.useFirst}</td>
									<td class="font-bold tracking-wider">{pack.code}</td>
								</tr>
							{/each}
						{:else}
							<tr>
								<td>{entry.typed.name}</td>
								<td colspan="3">
									{#if entry.state === 'saving'}<span class="quiet">{say.saving}</span>
									{:else}
										<span class="entry-error">{entry.message}</span>
										<Press onclick={() => correct(entry.key)}>{say.again}</Press>
									{/if}
								</td>
							</tr>
						{/if}
					{/each}
				</tbody>
			</table>
			{#if written.length > 0}
				<p class="mt-3">
					<Press href="/labels?codes={written.map(({ code }) => code).join(',')}"
						>{say.labels}</Press
					>
				</p>
			{/if}
		</section>
	{/if}
</div>
