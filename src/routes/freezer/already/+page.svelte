<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import { enhance } from '$app/forms';
	import * as w from '$lib/present/wording';
	import { dayText } from '$lib/present/time';
	import { groupWords } from '$lib/present/wording/codes/words';
	import { storageGroups } from '$lib/schemas/choices';
	import { checked } from '$lib/ui/kit/checked';
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
		cookedOn: ''
	};
	// svelte-ignore state_referenced_locally
	let typed = $state<Record<string, string>>(
		form?.typed ?? {
			...fresh,
			frozen: '',
			group: '',
			state: '',
			shelfId: data.shelves[0]?.value ?? ''
		}
	);
	let errors = $derived<Record<string, string>>(form?.errors ?? {});
	let busy = $state(false);
	type Written = { code: string; name: string; bestBy: string | null; number: number; of: number };
	let written = $state<Written[]>([]);

	/** The next thing: date, state and shelf stay, since neighbours in a freezer are often alike. */
	function saved(): void {
		const made = (form as { written?: Written[] } | null)?.written ?? [];
		written = [...made, ...written];
		typed = { ...typed, ...fresh };
		document.getElementById('name')?.focus();
	}
	formScope({ typed: () => typed, errors: () => errors });
</script>

<svelte:head><title>{say.title}</title></svelte:head>

<h1 class="mb-2">{say.heading}</h1>
<p class="quiet mb-4 max-w-[70ch]">{say.how}</p>
<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<form
		method="POST"
		class="plate grid content-start gap-4"
		novalidate
		use:enhance={checked(
			async () =>
				(await import('$lib/schemas/frozen-thing')).frozenThingSchema(data.habit, data.today),
			(found) => (errors = found),
			{ busy: (at) => (busy = at), saved }
		)}
	>
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
		<div><Press type="submit" first disabled={busy}>{busy ? say.adding : say.add}</Press></div>
	</form>
	{#if written.length > 0}
		<section class="plate content-start" aria-live="polite">
			<h2>{say.done({ n: written.length })}</h2>
			<table class="ledger mt-2">
				<tbody>
					{#each written as pack (pack.code)}
						<tr>
							<td><a href="/freezer/{pack.code}">{pack.name}</a></td>
							<td>{pack.bestBy ? dayText(pack.bestBy, data.habit) : say.useFirst}</td>
							<td class="font-bold tracking-wider">{pack.code}</td>
						</tr>
					{/each}
				</tbody>
			</table>
			<p class="mt-3">
				<Press href="/labels?codes={written.map(({ code }) => code).join(',')}">{say.labels}</Press>
			</p>
		</section>
	{/if}
</div>
