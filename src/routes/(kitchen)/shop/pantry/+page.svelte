<script lang="ts">
	import { enhance } from '$app/forms';
	import { centsText, priceText } from '$lib/present/money';
	import { massText } from '$lib/present/units';
	import * as w from '$lib/present/wording';
	import { unitHint } from '$lib/schemas/quantity-text';
	import { checked } from '$lib/ui/kit/checked';
	import Field from '$lib/ui/kit/Field.svelte';
	import LongText from '$lib/ui/kit/LongText.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import type { PageProps } from './$types';

	let { data, form }: PageProps = $props();
	let errors = $derived<Record<string, Record<string, string>>>(
		form && 'errors' in form && form.errors ? { [form.part]: form.errors } : {}
	);
	const show = (part: string) => (found: Record<string, string>) => (errors = { [part]: found });
	const blank = () => ({ itemName: '', label: '', sizeKg: '', priceCents: '', shop: '' });
	let price = $state(blank());
	let stock = $state({ itemName: '', massKg: '' });
	let csv = $state('');
	// svelte-ignore state_referenced_locally
	let budget = $state(data.house.budgetCents === null ? '' : centsText(data.house.budgetCents));
	const mass = $derived(unitHint('mass', data.habit));
	const problems = $derived(form && 'problems' in form ? (form.problems ?? []) : []);
</script>

<svelte:head><title>{w.pantry.pageTitle}</title></svelte:head>

<div class="grid gap-5 lg:grid-cols-[3fr_2fr]">
	<section class="plate grid content-start gap-3">
		<h1>{w.pantry.prices}</h1>
		<p class="quiet">{w.pantry.pricesHow}</p>
		<form
			method="POST"
			action="?/price"
			class="grid items-start gap-3 sm:grid-cols-2 md:grid-cols-3"
			novalidate
			use:enhance={checked(
				async () => (await import('$lib/schemas/pantry')).priceSchema(data.habit),
				show('price'),
				{
					saved: () => (price = blank())
				}
			)}
		>
			<Field
				name="itemName"
				label={w.pantry.item}
				bind:value={price.itemName}
				error={errors.price?.itemName}
			/>
			<Field
				name="label"
				label={w.pantry.label}
				bind:value={price.label}
				error={errors.price?.label}
			/>
			<Field
				name="sizeKg"
				label={w.pantry.size}
				bind:value={price.sizeKg}
				hint={mass}
				error={errors.price?.sizeKg}
			/>
			<Field
				name="priceCents"
				label={w.pantry.price}
				bind:value={price.priceCents}
				inputmode="decimal"
				error={errors.price?.priceCents}
			/>
			<Field name="shop" label={w.pantry.shop} bind:value={price.shop} error={errors.price?.shop} />
			<div class="self-end"><Press type="submit" first>{w.pantry.add}</Press></div>
		</form>
		{#if data.prices.length === 0}
			<p>{w.pantry.noPrices}</p>
		{:else}
			<table class="ledger">
				<thead>
					<tr
						><th>{w.pantry.item}</th><th>{w.pantry.label}</th><th>{w.pantry.size}</th><th
							>{w.pantry.price}</th
						><th class="max-md:hidden">{w.pantry.shop}</th><th></th></tr
					>
				</thead>
				<tbody>
					{#each data.prices as entry (entry.id)}
						<tr>
							<td>{entry.itemName}</td><td>{entry.label}</td><td
								>{massText(entry.sizeKg, data.habit)}</td
							><td>{priceText(entry.priceCents, data.habit)}</td><td class="max-md:hidden"
								>{entry.shop}</td
							>
							<td>
								<form method="POST" action="?/removePrice" use:enhance>
									<input type="hidden" name="id" value={entry.id} />
									<Press
										type="submit"
										aria-label={w.pantry.remove({ label: `${entry.itemName}, ${entry.label}` })}
										>×</Press
									>
								</form>
							</td>
						</tr>
					{/each}
				</tbody>
			</table>
		{/if}
	</section>
	<div class="grid content-start gap-5">
		<section class="plate grid gap-3">
			<h2>{w.pantry.stock}</h2>
			<p class="quiet">{w.pantry.stockHow}</p>
			<form
				method="POST"
				action="?/stock"
				class="grid grid-cols-2 items-start gap-3"
				novalidate
				use:enhance={checked(
					async () => (await import('$lib/schemas/pantry')).stockSchema(data.habit),
					show('stock'),
					{
						saved: () => (stock = { itemName: '', massKg: '' })
					}
				)}
			>
				<Field
					id="stock-item"
					name="itemName"
					label={w.pantry.item}
					bind:value={stock.itemName}
					error={errors.stock?.itemName}
				/>
				<Field
					name="massKg"
					label={w.pantry.amount}
					bind:value={stock.massKg}
					hint={mass}
					error={errors.stock?.massKg}
				/>
				<div><Press type="submit">{w.pantry.setStock}</Press></div>
			</form>
			<ul>
				{#each data.stock as row (row.id)}
					<li class="py-1">{row.itemName} <b>{massText(row.massKg, data.habit)}</b></li>
				{:else}
					<li class="quiet">{w.pantry.noStock}</li>
				{/each}
			</ul>
		</section>
		<section class="plate grid gap-3">
			<form
				method="POST"
				action="?/budget"
				class="flex flex-wrap items-start gap-3"
				novalidate
				use:enhance={checked(
					async () => (await import('$lib/schemas/pantry')).budgetSchema,
					show('budget')
				)}
			>
				<Field
					name="budgetCents"
					label={w.pantry.budget}
					bind:value={budget}
					inputmode="decimal"
					hint={w.pantry.budgetHint}
					error={errors.budget?.budgetCents}
				/>
				<div class="pt-6"><Press type="submit">{w.pantry.budgetKeep}</Press></div>
			</form>
		</section>
		<section class="plate grid gap-3">
			<h2>{w.pantry.csvTitle}</h2>
			<p class="quiet">{w.pantry.csvHow}</p>
			<form
				method="POST"
				action="?/csv"
				class="grid gap-3"
				use:enhance={() =>
					({ update }) =>
						update({ reset: false })}
			>
				<LongText
					name="csv"
					label={w.pantry.csvFile}
					rows={5}
					bind:value={csv}
					error={errors.csv?.csv}
				/>
				<div class="flex flex-wrap gap-3">
					<Press type="submit">{w.pantry.csvRead}</Press>
					<Press href="/shop/pantry/prices.csv">{w.pantry.csvOut}</Press>
				</div>
			</form>
			<form method="POST" action="?/fromShop" use:enhance>
				<Press type="submit">{w.pantry.fromShop}</Press>
				{#if errors.shop?.shop}<p class="entry-error" role="alert">{errors.shop.shop}</p>{/if}
			</form>
			{#if form && 'count' in form && form.count}
				<p role="status">{w.pantry.csvDone({ n: form.count })}</p>
			{/if}
			{#each problems as problem (problem)}<p class="entry-error">{problem}</p>{/each}
		</section>
	</div>
</div>
