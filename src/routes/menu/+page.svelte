<script lang="ts">
	import { formScope } from '$lib/ui/kit/form-scope';
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { dayIn, dayText } from '$lib/present/time';
	import { checked } from '$lib/ui/kit/checked';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import { kindWords } from '$lib/present/wording/codes/words';
	import Press from '$lib/ui/kit/Press.svelte';
	import Word from '$lib/ui/kit/Word.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, string>>(form?.errors ?? {});
	let onDay = $state('');
	const today = $derived(dayIn(clock.ms, data.habit.timeZone));
	formScope({ errors: () => errors });
</script>

<svelte:head><title>{w.menu.pageTitle}</title></svelte:head>

{#if data.dishes.length > 0}
	<section class="plate mb-5 flex flex-wrap items-start gap-x-8 gap-y-3">
		<div class="grow">
			<h2>{w.menuDay.days}</h2>
			{#each data.days as day (day.id)}
				<p class="py-1">
					<a class="font-bold" href="/menu/day/{day.id}">{dayText(day.onDay, data.habit)}</a>
					<span class="quiet">{w.menuDay.dishes({ n: day.dishCount })}</span>
				</p>
			{:else}
				<p class="quiet">{w.menuDay.noneYet}</p>
			{/each}
		</div>
		<form
			method="POST"
			action="?/plan"
			class="tape flex flex-wrap items-end gap-3 p-3"
			novalidate
			use:enhance={checked(
				async () => (await import('$lib/schemas/menu-day')).daySchema(data.habit, today),
				(found) => (errors = found)
			)}
		>
			<Field
				name="onDay"
				label={w.menuDay.onDay}
				bind:value={onDay}
				placeholder={dayText(today, data.habit)}
			/>
			<Press type="submit">{w.menuDay.plan}</Press>
		</form>
	</section>
{/if}

<section class="plate">
	<div class="flex flex-wrap items-center justify-between gap-3">
		<h1>{w.menu.dishes({ n: data.dishes.length })}</h1>
		<div class="flex flex-wrap gap-3">
			<Press href="/menu/import">{w.recipeImport.title}</Press>
			<Press href="/menu/new" first={data.dishes.length === 0}>{w.menu.writeADish}</Press>
		</div>
	</div>
	{#if data.dishes.length === 0}
		<p class="mt-3">{w.menu.empty}</p>
	{:else}
		<table class="ledger mt-3">
			<thead>
				<tr
					><th>{w.menu.dish}</th><th class="max-md:hidden">{w.menu.kind}</th><th
						>{w.menu.frozenAs}</th
					><th class="max-md:hidden">{w.menu.servings}</th></tr
				>
			</thead>
			<tbody>
				{#each data.dishes as dish (dish.id)}
					<tr>
						<td>
							<a href="/menu/{dish.id}" class="font-bold">{dish.name}</a>
							{#if dish.unread > 0}
								<br /><span class="quiet">
									{w.menu.unread({
										lines: dish.unread
									})}
								</span>
							{/if}
						</td>
						<td class="max-md:hidden">{kindWords[dish.kind].name}</td>
						<td><Word tone={dish.state === 'raw' ? 'caution' : 'cold'} text={dish.state} /></td>
						<td class="max-md:hidden">{dish.servings}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</section>
