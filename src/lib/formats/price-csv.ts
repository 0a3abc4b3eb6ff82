import type { PriceEntry } from '../core/shopping/index.ts';
import type { Habit } from '../present/habit.ts';
import { centsText } from '../present/money.ts';
import { priceSchema } from '../schemas/pantry.ts';
import { readForm } from '../schemas/read-form.ts';
import { csvText, readCsv } from './csv.ts';

const columns = ['item', 'pack', 'weight', 'price', 'shop'] as const;

/** The price book as a table that reads back. */
export function pricesCsv(prices: readonly PriceEntry[]): string {
	return csvText(
		prices.map((entry) => ({
			item: entry.itemName,
			pack: entry.label,
			weight: `${Math.round(entry.sizeKg * 1e6) / 1000} g`,
			price: centsText(entry.priceCents),
			shop: entry.shop
		})),
		columns
	);
}

/** Reads a table of prices; each bad line is said with its number, the good ones are kept. */
export function readPricesCsv(
	text: string,
	habit: Habit
): { rows: Omit<PriceEntry, 'id'>[]; problems: { line: number; message: string }[] } {
	const table = readCsv(text, (head) => head.trim().toLowerCase());
	const rows: Omit<PriceEntry, 'id'>[] = [];
	const problems: { line: number; message: string }[] = [];
	table.rows.forEach((row, i) => {
		const form = readForm(priceSchema(habit), {
			itemName: row.item ?? '',
			label: row.pack ?? '',
			sizeKg: row.weight ?? '',
			priceCents: row.price ?? '',
			shop: row.shop ?? ''
		});
		if (!form.ok) {
			problems.push({ line: i + 2, message: Object.values(form.errors)[0] });
			return;
		}
		const { itemName, label, sizeKg, priceCents, shop } = form.value;
		rows.push({ itemName, label: label ?? itemName, sizeKg, priceCents, shop: shop ?? '' });
	});
	return { rows, problems };
}
