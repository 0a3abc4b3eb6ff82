import { error } from '@sveltejs/kit';
import { aisleNames } from '$lib/core/published';
import { massText } from '$lib/present/units';
import * as w from '$lib/present/wording';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { planOfDay } from '$lib/server/services/day/plan-menu';
import { linesToBuy } from '../lines-to-buy';
import { planOptions } from '../plan-options';
import type { RequestHandler } from './$types';

/** The shopping list as text, to be sent or pasted anywhere. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
	const plan = await planOfDay(locals.db, Number(params.id), await planOptions(url, locals));
	if (!plan) error(404);
	const habit = habitOf(await getHousehold(locals.db));
	const all = await linesToBuy(locals.db, plan);
	const lines = all.filter((line) => line.toBuyKg !== 0);
	const atHome = all.filter((line) => line.toBuyKg === 0 && line.fromStockKg > 0);
	const text = aisleNames.flatMap((aisle) => {
		const here = lines.filter((line) => line.aisle === aisle);
		if (here.length === 0) return [];
		return [
			w.shop.aisles[aisle],
			...here.map((line) => {
				const amount = line.toBuyKg === null ? w.shop.open : massText(line.toBuyKg, habit);
				const packs = line.packs.map((pack) => `${pack.count} × ${pack.label}`).join(', ');
				return `- ${line.name}: ${packs ? `${packs} (${amount})` : amount}`;
			}),
			''
		];
	});
	if (atHome.length > 0)
		text.push(
			w.shop.atHome,
			...atHome.map((line) => `- ${line.name}: ${massText(line.fromStockKg, habit)}`)
		);
	return new Response(text.join('\n'), {
		headers: { 'content-type': 'text/plain; charset=utf-8' }
	});
};
