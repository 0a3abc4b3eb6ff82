import { sql } from 'drizzle-orm';
import type { PackChoice, PriceEntry } from '../../core/shopping/index.ts';
import type { Db } from '../db/db.ts';
import { rawRows } from '../db/raw-rows.ts';
import { allDishes, type Dish } from '../queries/dishes.ts';

/** The menu as it was last read, as long as nothing on it has changed: a plan asks for all of it at every change. */
let menu: { signature: string; dishes: Dish[] } | null = null;
let choices: { signature: string; known: Map<string, PackChoice> } | null = null;
/** More choices than this belong to needs long gone. */
const mostChoices = 5_000;

async function menuSignature(db: Db): Promise<string> {
	const [{ signature }] = await rawRows<{ signature: string }>(
		db,
		sql`select count(*) || ':' || coalesce(md5(string_agg(id || '.' || version || '.' || name || '.' || created_at_ms, ',' order by id)), '') as signature from dishes where removed_at_ms is null`
	);
	return signature;
}

/** Every dish of the menu with its facts; read anew only when a dish has changed. */
export async function menuDishes(db: Db): Promise<Dish[]> {
	const signature = await menuSignature(db);
	if (menu?.signature !== signature) menu = { signature, dishes: await allDishes(db) };
	return menu.dishes;
}

/** Packs chosen before from the same prices, to be asked again. */
export function knownChoices(prices: readonly PriceEntry[]): Map<string, PackChoice> {
	const signature = JSON.stringify(prices);
	if (choices?.signature !== signature || choices.known.size > mostChoices)
		choices = { signature, known: new Map() };
	return choices.known;
}

/** Everything was replaced: what was read before means nothing. */
export function forgetMenu(): void {
	menu = null;
	choices = null;
}
