<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { instantText } from '$lib/present/time';
	import { roomText, tempText } from '$lib/present/units';
	import { checked } from '$lib/ui/kit/checked';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import ApplianceFields from '$lib/ui/household/ApplianceFields.svelte';
	import FreezerFields from '$lib/ui/household/FreezerFields.svelte';
	import KitchenFields from '$lib/ui/household/KitchenFields.svelte';
	import { typedAppliances, typedFreezer, typedKitchen } from '$lib/ui/household/typed-household';
	import { look, type Look } from '$lib/ui/shell/look.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import { typedForm } from '$lib/ui/kit/typed-form.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, Record<string, string>>>(
		form && 'errors' in form && form.errors ? { [form.part]: form.errors } : {}
	);
	let busy = $state('');
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

<svelte:head><title>{w.household.pageTitle}</title></svelte:head>

<div class="mb-4 flex flex-wrap items-center justify-between gap-3">
	<h1>{w.household.heading}</h1>
	<div class="flex gap-2">
		<Press href="/household/measure">{w.household.measure}</Press>
		<Press href="/household/containers">{w.containersPage.link}</Press>
		<Press href="/household/rules">{w.household.houseRules}</Press>
	</div>
</div>

<form
	method="POST"
	action="?/kitchen"
	class="grid gap-5 lg:grid-cols-2"
	novalidate
	use:enhance={checked(
		async () => {
			const { chosenHabit, kitchenSchema } = await import('$lib/schemas/household');
			return kitchenSchema(chosenHabit(kitchen.texts, data.habit));
		},
		show('kitchen'),
		part('kitchen')
	)}
>
	<KitchenFields bind:typed={kitchen.texts} errors={errors.kitchen ?? {}} habit={data.habit} />
	<div class="flex items-center gap-4">
		<Press type="submit" first disabled={busy === 'kitchen'}>{w.household.saveKitchen}</Press>
		{#if saved('kitchen')}<span role="status" class="font-semibold">{w.household.saved}</span>{/if}
	</div>
</form>

<form
	method="POST"
	action="?/appliances"
	class="mt-6 grid gap-5 lg:grid-cols-2"
	novalidate
	use:enhance={checked(
		async () => (await import('$lib/schemas/household')).appliancesSchema(data.habit),
		show('appliances'),
		part('appliances')
	)}
>
	<ApplianceFields
		bind:typed={appliances.texts}
		errors={errors.appliances ?? {}}
		habit={data.habit}
	/>
	<div class="flex flex-wrap items-center gap-4">
		<Press type="submit" first disabled={busy === 'appliances'}>{w.household.saveAppliances}</Press>
		{#if saved('appliances')}<span role="status" class="font-semibold">{w.household.saved}</span
			>{/if}
		<span class="quiet"> {w.household.appliancesEffect} </span>
	</div>
</form>

<div class="mt-6 grid gap-5 lg:grid-cols-2">
	<section class="plate content-start">
		<h2>{w.household.freezers}</h2>
		{#if errors.freezers}<p class="entry-error" role="alert">{errors.freezers.freezer}</p>{/if}
		{#if data.freezers.length === 0}
			<p class="mt-1">{w.household.noFreezer}</p>
		{:else}
			<table class="ledger mt-1">
				<thead>
					<tr
						><th>{w.household.freezer}</th><th>{w.household.room}</th><th>{w.household.setTo}</th
						><th><span class="sr-only">{w.household.change}</span></th></tr
					>
				</thead>
				<tbody>
					{#each data.freezers as box (box.id)}
						<tr>
							<td>
								<b>{box.name}</b><br />
								<span class="quiet">{box.shelves.map((shelf) => shelf.name).join(', ')}</span>
							</td>
							<td>{roomText(box.volumeL, data.habit)}</td>
							<td>{tempText(box.setC, data.habit)}</td>
							<td>
								<div class="flex justify-end gap-2">
									<Press
										onclick={() => (editedId = box.id)}
										aria-label={w.household.changeNamed({ name: box.name })}
										aria-pressed={editedId === box.id}>{w.household.changeFreezer}</Press
									>
									<form method="POST" action="?/removeFreezer" use:enhance>
										<input type="hidden" name="id" value={box.id} />
										<Press type="submit" aria-label={w.household.takeOutNamed({ name: box.name })}
											>{w.household.takeOut}</Press
										>
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
		use:enhance={checked(
			async () => (await import('$lib/schemas/household')).freezerSchema(data.habit),
			show('freezer'),
			{
				...part('freezer'),
				saved: () => {
					editedId = null;
					freezer.texts = typedFreezer(null, data.habit);
				}
			}
		)}
	>
		<h2>{edited ? w.household.changeNamed({ name: edited.name }) : w.household.addFreezerTitle}</h2>
		{#if edited}<input type="hidden" name="id" value={edited.id} />{/if}
		<FreezerFields bind:typed={freezer.texts} errors={errors.freezer ?? {}} habit={data.habit} />
		<div class="flex flex-wrap items-center gap-3">
			<Press type="submit" first={data.freezers.length === 0} disabled={busy === 'freezer'}
				>{edited ? w.household.saveFreezer : w.household.addFreezer}</Press
			>
			{#if edited}<Press onclick={() => (editedId = null)}>{w.household.leave}</Press>{/if}
			{#if saved('freezer')}<span role="status" class="font-semibold">{w.household.saved}</span
				>{/if}
		</div>
	</form>
</div>

<div class="mt-6 grid gap-5 lg:grid-cols-2">
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
			{#if saved('copies')}<span role="status" class="font-semibold">{w.household.made}</span>{/if}
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
	<section class="plate grid content-start gap-3">
		<h2>{w.household.thisDevice}</h2>
		<Choice
			name="look"
			label={w.household.look}
			value={look.now}
			onchange={(event: Event) =>
				look.set((event.currentTarget as HTMLSelectElement).value as Look)}
			items={[
				{ value: 'device', name: w.household.lookDevice },
				{ value: 'light', name: w.household.light },
				{ value: 'dark', name: w.household.dark }
			]}
		/>
	</section>
</div>
