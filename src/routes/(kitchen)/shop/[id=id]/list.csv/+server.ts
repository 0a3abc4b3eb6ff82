import { error } from '@sveltejs/kit';
import { csvText } from '$lib/formats/csv';
import { centsText } from '$lib/present/money';
import { planOfDay } from '$lib/server/services/day/plan-menu';
import { linesToBuy } from '../lines-to-buy';
import { planOptions } from '../plan-options';
import type { RequestHandler } from './$types';

/** The shopping list as a table; grams, so that any programme can add them up. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
	const plan = await planOfDay(locals.db, Number(params.id), await planOptions(url, locals));
	if (!plan) error(404);
	const rows = (await linesToBuy(locals.db, plan)).map((line) => ({
		aisle: line.aisle,
		item: line.name,
		'to buy g': line.toBuyKg === null ? '' : Math.round(line.toBuyKg * 1000),
		'from home g': Math.round(line.fromStockKg * 1000),
		packs: line.packs.map((pack) => `${pack.count} × ${pack.label}`).join('; '),
		price: line.wholeCents === null ? '' : centsText(line.wholeCents),
		'left over g': Math.round(line.leftKg * 1000),
		for: [...new Set(line.shares.map((share) => share.dish))].join('; ')
	}));
	return new Response(csvText(rows), {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="shopping-${plan.day.onDay}.csv"`
		}
	});
};
