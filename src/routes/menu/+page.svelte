<script lang="ts">
	import { w } from '$lib/present/wording';
	import { kindWords } from '$lib/present/words';
	import Press from '$lib/ui/Press.svelte';
	import Word from '$lib/ui/Word.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<svelte:head><title>{w.menu.menuAlmacen}</title></svelte:head>

<section class="plate">
	<div class="flex flex-wrap items-center justify-between gap-3">
		<h1>{data.dishes.length === 1 ? w.menu.oneDish : `${data.dishes.length} dishes`}</h1>
		<Press href="/menu/new" first={data.dishes.length === 0}>{w.menu.writeADish}</Press>
	</div>
	{#if data.dishes.length === 0}
		<p class="mt-3">{w.menu.startWithTheDish}</p>
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
									{w.menu.keptAsText(dish.unread === 1 ? 'one line' : `${dish.unread} lines`)}
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
