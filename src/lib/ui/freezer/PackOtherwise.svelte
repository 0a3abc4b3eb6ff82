<script lang="ts">
	import { enhance } from '$app/forms';
	import * as w from '$lib/present/wording';
	import Choice from '../kit/Choice.svelte';
	import Field from '../kit/Field.svelte';
	import Press from '../kit/Press.svelte';

	let {
		pack,
		shelves,
		servings
	}: {
		pack: { shelfId: number; version: number };
		shelves: readonly { id: number; name: string }[];
		/** what is still in it */
		servings: number;
	} = $props();
	let used = $state('1');
	let into = $state('2');
	// svelte-ignore state_referenced_locally
	let shelfId = $state(String(pack.shelfId));
	let reason = $state('');
</script>

<details>
	<summary class="flex min-h-12 cursor-pointer items-center font-bold"
		>{w.packOtherwise.title}</summary
	>
	<div class="grid gap-4 pt-2">
		<form method="POST" action="?/moved" use:enhance class="flex flex-wrap items-end gap-3">
			{@render version()}
			<div class="grow">
				<Choice
					name="shelfId"
					label={w.packOtherwise.shelf}
					bind:value={shelfId}
					items={shelves.map(({ id, name }) => ({ value: String(id), name }))}
				/>
			</div>
			<Press type="submit">{w.packOtherwise.move}</Press>
		</form>
		<form method="POST" action="?/usedPart" use:enhance class="flex flex-wrap items-end gap-3">
			{@render version()}
			<div class="grow">
				<Field
					name="servings"
					label={w.freezerOne.part}
					hint={w.freezerOne.partHint({ n: servings })}
					bind:value={used}
					inputmode="decimal"
				/>
			</div>
			<Press type="submit">{w.freezerOne.usePart}</Press>
		</form>
		<form method="POST" action="?/split" use:enhance class="flex flex-wrap items-end gap-3">
			{@render version()}
			<div class="grow">
				<Field name="into" label={w.freezerOne.into} bind:value={into} inputmode="numeric" />
			</div>
			<Press type="submit">{w.freezerOne.splitIt}</Press>
		</form>
		<form method="POST" action="?/given" use:enhance class="grid">
			{@render version()}
			<Press type="submit">{w.packOtherwise.give}</Press>
		</form>
		<form method="POST" action="?/discarded" use:enhance class="grid gap-2">
			{@render version()}
			<Field
				name="reason"
				label={w.packOtherwise.reason}
				hint={w.packOtherwise.reasonHint}
				bind:value={reason}
			/>
			<Press type="submit">{w.packOtherwise.discard}</Press>
		</form>
	</div>
</details>

{#snippet version()}<input type="hidden" name="version" value={pack.version} />{/snippet}
