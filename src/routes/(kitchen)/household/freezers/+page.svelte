<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import { roomText, tempText } from '$lib/present/units';
	import { checked } from '$lib/ui/kit/checked';
	import FreezerFields from '$lib/ui/household/FreezerFields.svelte';
	import { typedFreezer } from '$lib/present/typed-household';
	import { typedForm } from '$lib/ui/kit/typed-form.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, Record<string, string>>>(
		form && 'errors' in form && form.errors ? { [form.part]: form.errors } : {}
	);
	let busy = $state(false);
	let editedId = $state<number | null>(null);
	const edited = $derived(data.freezers.find((freezer) => freezer.id === editedId) ?? null);
	const freezer = typedForm(() => typedFreezer(edited, data.habit));
</script>

<svelte:head><title>{w.household.pageTitle}</title></svelte:head>

<PageHead title={w.household.freezers} />
<div class="grid gap-5 lg:grid-cols-2">
	<section>
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
			(found) => (errors = { freezer: found }),
			{
				busy: (at) => (busy = at),
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
			<Press type="submit" first={data.freezers.length === 0} disabled={busy}
				>{edited ? w.household.saveFreezer : w.household.addFreezer}</Press
			>
			{#if edited}<Press onclick={() => (editedId = null)}>{w.household.leave}</Press>{/if}
			{#if form?.part === 'freezer' && 'saved' in form}<span role="status" class="font-semibold"
					>{w.household.saved}</span
				>{/if}
		</div>
	</form>
</div>
