import { pricesCsv } from '$lib/formats/price-csv';
import { listPrices } from '$lib/server/queries/pantry';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ locals }) =>
	new Response(pricesCsv(await listPrices(locals.db)), {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': 'attachment; filename="prices.csv"'
		}
	});
