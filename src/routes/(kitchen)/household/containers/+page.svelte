<script lang="ts">
	import { enhance } from '$app/forms';
	import { containerKeys, containers } from '$lib/core/published';
	import { fillLimitL } from '$lib/core/packing';
	import * as w from '$lib/present/wording';
	import { volumeText } from '$lib/present/units';
	import { containerText } from '$lib/present/wording/codes/words';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	const say = w.containersPage;
	const errors = $derived<Record<string, string>>(form?.errors ?? {});
	const stockOf = (key: string) => data.stock.find(({ container }) => container === key);
	// svelte-ignore state_referenced_locally
	let typed = $state<Record<string, string>>(
		form?.typed ??
			Object.fromEntries(containerKeys.map((key) => [key, String(stockOf(key)?.owned ?? '')]))
	);
</script>

<svelte:head><title>{say.title}</title></svelte:head>

<PageHead title={say.heading} />
<p class="quiet mb-4 max-w-[70ch]">{say.how}</p>
<form
	method="POST"
	class="plate grid max-w-[760px] gap-3"
	novalidate
	use:enhance={() =>
		async ({ update }) =>
			update({ reset: false })}
>
	{#each containerKeys as key (key)}
		<div class="grid grid-cols-[1fr_120px] items-center gap-3">
			<p>
				<b>{containerText(key, data.habit)}</b><br />
				<span class="quiet"
					>{say.fill({
						litres: volumeText(fillLimitL({ ...containers[key], liquid: true }), data.habit)
					})}{#if stockOf(key)}; {say.left.toLowerCase()}: {stockOf(key)?.left}{/if}</span
				>
			</p>
			<Field
				name={key}
				label={say.owned}
				bind:value={typed[key]}
				error={errors[key]}
				inputmode="numeric"
			/>
		</div>
	{/each}
	<div class="flex items-center gap-4">
		<Press type="submit" first>{say.save}</Press>
		{#if form?.saved}<span role="status" class="font-semibold">{say.saved}</span>{/if}
	</div>
</form>
