import { fail } from '@sveltejs/kit';
import { readPricesCsv } from '$lib/formats/price-csv';
import { itemByName } from '$lib/core/foods';
import { shopOffers } from '$lib/server/shop-client';
import * as w from '$lib/present/wording';
import { budgetSchema, priceSchema, stockSchema } from '$lib/schemas/pantry';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { listPrices, listStock } from '$lib/server/queries/pantry';
import { addPacksToBuy, setCupboard, takeOutPrice } from '$lib/server/services/household/pantry';
import { changeHousehold } from '$lib/server/services/household/save-household';
import { nowMs } from '$lib/server/now';
import { rowId } from '$lib/server/row-id';
import type { Actions, PageServerLoad } from './$types';

/** Lines of a table of prices read at once. */
const mostPriceLines = 1000;

export const load: PageServerLoad = async ({ locals }) => ({
	prices: await listPrices(locals.db),
	stock: await listStock(locals.db)
});

export const actions: Actions = {
	price: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(priceSchema(habitOf(await getHousehold(locals.db))), raw);
		if (!form.ok) return fail(400, { part: 'price', errors: form.errors });
		const { itemName, label, sizeKg, priceCents, shop } = form.value;
		await addPacksToBuy(locals.db, [
			{ itemName, label: label ?? itemName, sizeKg, priceCents, shop: shop ?? '' }
		]);
		return { part: 'price', saved: true };
	},
	removePrice: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		await takeOutPrice(locals.db, rowId(raw.id ?? null), nowMs());
		return { part: 'price', removed: true };
	},
	stock: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(stockSchema(habitOf(await getHousehold(locals.db))), raw);
		if (!form.ok) return fail(400, { part: 'stock', errors: form.errors });
		const { itemName, massKg } = form.value;
		await setCupboard(locals.db, itemName, massKg, nowMs());
		return { part: 'stock', saved: true };
	},
	csv: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const habit = habitOf(await getHousehold(locals.db));
		const csv = raw.csv ?? '';
		if (csv.split('\n', mostPriceLines + 2).length > mostPriceLines + 1)
			return fail(400, {
				part: 'csv',
				errors: { csv: w.pantry.csvTooLong({ most: mostPriceLines }) }
			});
		const { rows, problems } = readPricesCsv(csv, habit);
		const said = problems.map(({ line, message }) => w.pantry.csvLine({ line, why: message }));
		if (rows.length === 0)
			return fail(400, { part: 'csv', errors: { csv: w.pantry.csvNothing }, problems: said });
		await addPacksToBuy(locals.db, rows);
		return { part: 'csv', count: rows.length, problems: said };
	},
	fromShop: async ({ locals }) => {
		const answer = await shopOffers();
		if (!answer) return fail(503, { part: 'shop', errors: { shop: w.pantry.shopSilent } });
		const known = new Set(
			(await listPrices(locals.db)).map((entry) => `${entry.itemName}|${entry.label}`)
		);
		const rows = answer.offers
			.filter(({ item, label }) => itemByName(item) && !known.has(`${item}|${label}`))
			.map(({ item, label, grams, cents }) => ({
				itemName: item,
				label,
				sizeKg: grams / 1000,
				priceCents: cents,
				shop: w.pantry.shopName
			}));
		await addPacksToBuy(locals.db, rows);
		return { part: 'csv', count: rows.length, problems: [] };
	},
	budget: async ({ request, locals }) => {
		const form = readForm(budgetSchema, rawFields(await request.formData()));
		if (!form.ok) return fail(400, { part: 'budget', errors: form.errors });
		await changeHousehold(locals.db, { budgetCents: form.value.budgetCents ?? null }, nowMs());
		return { part: 'budget', saved: true };
	}
};
