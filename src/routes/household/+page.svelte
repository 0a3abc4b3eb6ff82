<script lang="ts">
	import { enhance } from '$app/forms';
	import { instantText } from '$lib/present/time';
	import { tempText, volumeText } from '$lib/present/units';
	import { appliancesSchema, freezerSchema, kitchenSchema } from '$lib/schemas/household';
	import { checked } from '$lib/ui/checked';
	import Choice from '$lib/ui/Choice.svelte';
	import { clock } from '$lib/ui/clock.svelte';
	import ApplianceFields from '$lib/ui/household/ApplianceFields.svelte';
	import FreezerFields from '$lib/ui/household/FreezerFields.svelte';
	import KitchenFields from '$lib/ui/household/KitchenFields.svelte';
	import { typedAppliances, typedFreezer, typedKitchen } from '$lib/ui/household/typed-household';
	import { look, type Look } from '$lib/ui/look.svelte';
	import Press from '$lib/ui/Press.svelte';
	import { typedForm } from '$lib/ui/typed-form.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $state<Record<string, Record<string, string>>>({});
	let busy = $state('');
	$effect(() => {
		errors = form && 'errors' in form && form.errors ? { [form.part]: form.errors } : {};
	});
	$effect(() => look.read());
	const kitchen = typedForm(() => typedKitchen(data.house));
	const appliances = typedForm(() => typedAppliances(data.house));
	let editedId = $state<number | null>(null);
	const edited = $derived(data.freezers.find((freezer) => freezer.id === editedId) ?? null);
	const freezer = typedForm(() => typedFreezer(edited, data.habit));
	const saved = (part: string) => form?.part === part && 'saved' in form;
	const part = (name: string) => ({ busy: (at: boolean) => (busy = at ? name : '') });
	const show = (name: string) => (found: Record<string, string>) => (errors = { [name]: found });
	const newest = $derived(data.copies[0]);
	const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(1)} MB`;
</script>

<svelte:head><title>Household · Almacen</title></svelte:head>

<div class="mb-4 flex flex-wrap items-center justify-between gap-3">
	<h1>The household</h1>
	<Press href="/household/rules">House rules</Press>
</div>

<form
	method="POST"
	action="?/kitchen"
	class="grid gap-5 lg:grid-cols-2"
	novalidate
	use:enhance={checked(() => kitchenSchema(data.habit), show('kitchen'), part('kitchen'))}
>
	<KitchenFields bind:typed={kitchen.texts} errors={errors.kitchen ?? {}} habit={data.habit} />
	<div class="flex items-center gap-4">
		<Press type="submit" first disabled={busy === 'kitchen'}>Save the kitchen</Press>
		{#if saved('kitchen')}<span role="status" class="font-semibold">Saved.</span>{/if}
	</div>
</form>

<form
	method="POST"
	action="?/appliances"
	class="mt-6 grid gap-5 lg:grid-cols-2"
	novalidate
	use:enhance={checked(() => appliancesSchema(data.habit), show('appliances'), part('appliances'))}
>
	<ApplianceFields
		bind:typed={appliances.texts}
		errors={errors.appliances ?? {}}
		habit={data.habit}
	/>
	<div class="flex flex-wrap items-center gap-4">
		<Press type="submit" first disabled={busy === 'appliances'}>Save the appliances</Press>
		{#if saved('appliances')}<span role="status" class="font-semibold">Saved.</span>{/if}
		<span class="quiet">
			Packs made from now on are computed with these; packs in the freezer keep what their label
			says.
		</span>
	</div>
</form>

<div class="mt-6 grid gap-5 lg:grid-cols-2">
	<section class="plate content-start">
		<h2>Freezers</h2>
		{#if errors.freezers}<p class="entry-error" role="alert">{errors.freezers.freezer}</p>{/if}
		{#if data.freezers.length === 0}
			<p class="mt-1">None yet: packs need a place to lie.</p>
		{:else}
			<table class="ledger mt-1">
				<thead>
					<tr
						><th>freezer</th><th>room</th><th>set to</th><th><span class="sr-only">change</span></th
						></tr
					>
				</thead>
				<tbody>
					{#each data.freezers as box (box.id)}
						<tr>
							<td>
								<b>{box.name}</b><br />
								<span class="quiet">{box.shelves.map((shelf) => shelf.name).join(', ')}</span>
							</td>
							<td>{volumeText(box.volumeL, data.habit)}</td>
							<td>{tempText(box.setC, data.habit)}</td>
							<td>
								<div class="flex justify-end gap-2">
									<Press
										onclick={() => (editedId = box.id)}
										aria-label="Change {box.name}"
										aria-pressed={editedId === box.id}>Change</Press
									>
									<form method="POST" action="?/removeFreezer" use:enhance>
										<input type="hidden" name="id" value={box.id} />
										<Press type="submit" aria-label="Take {box.name} out of use">Take out</Press>
									</form>
								</div>
							</td>
						</tr>
					{/each}
				</tbody>
			</table>
		{/if}
	</section>
	<form
		method="POST"
		action="?/freezer"
		class="plate grid content-start gap-4"
		novalidate
		use:enhance={checked(() => freezerSchema(data.habit), show('freezer'), {
			...part('freezer'),
			saved: () => {
				editedId = null;
				freezer.texts = typedFreezer(null, data.habit);
			}
		})}
	>
		<h2>{edited ? `Change ${edited.name}` : 'Add a freezer'}</h2>
		{#if edited}<input type="hidden" name="id" value={edited.id} />{/if}
		<FreezerFields bind:typed={freezer.texts} errors={errors.freezer ?? {}} habit={data.habit} />
		<div class="flex flex-wrap items-center gap-3">
			<Press type="submit" first={data.freezers.length === 0} disabled={busy === 'freezer'}
				>{edited ? 'Save the freezer' : 'Add the freezer'}</Press
			>
			{#if edited}<Press onclick={() => (editedId = null)}>Leave as it was</Press>{/if}
			{#if saved('freezer')}<span role="status" class="font-semibold">Saved.</span>{/if}
		</div>
	</form>
</div>

<div class="mt-6 grid gap-5 lg:grid-cols-2">
	<section class="plate grid content-start gap-3">
		<h2>Safe copies</h2>
		<p>
			{#if newest}
				The last one was made <b>{instantText(newest.madeAtMs, data.habit, clock.ms)}</b>
				({megabytes(newest.bytes)}); {data.copies.length} are kept.
			{:else}
				None yet.
			{/if}
			One is made every day and whenever the application is closed properly; the last ten stay in the
			data folder, under <code>copies</code>.
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
				>{busy === 'copy' ? 'Copying…' : 'Make one now'}</Press
			>
			{#if saved('copies')}<span role="status" class="font-semibold">Made.</span>{/if}
		</form>
		<p class="quiet">
			To go back to one: close the application, then <code>npm run restore -- FILE</code>.
		</p>
	</section>
	<section class="plate grid content-start gap-3">
		<h2>Everything as one file</h2>
		<p>Dishes, cooling runs, packs and settings, in an open format to keep or to take elsewhere.</p>
		<div><Press href="/export.json" download>Export everything</Press></div>
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
			<label class="entry-label" for="file">Read a file back: it replaces everything here</label>
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
					>{busy === 'readBack' ? 'Reading…' : 'Replace everything'}</Press
				>
			</div>
			<p class="quiet">A safe copy of what is here now is made first.</p>
		</form>
	</section>
	<section class="plate grid content-start gap-3">
		<h2>This device</h2>
		<Choice
			name="look"
			label="Light or dark"
			value={look.now}
			onchange={(event: Event) =>
				look.set((event.currentTarget as HTMLSelectElement).value as Look)}
			items={[
				{ value: 'device', name: 'as the device is set' },
				{ value: 'light', name: 'light' },
				{ value: 'dark', name: 'dark' }
			]}
		/>
	</section>
</div>
