import * as yup from 'yup';
import { itemByName } from '../core/foods/index.ts';
import { catalogueName } from '../core/shopping/index.ts';
import type { Habit } from '../present/habit.ts';
import * as w from '../present/wording/index.ts';
import { amount, text } from './fields.ts';
import { money } from './money.ts';
import { quantityFromText } from './quantity-text.ts';

const words = w.pantry;

/** An item as the catalogue calls it, typed in plain words. */
const item = () =>
	yup
		.string()
		.trim()
		.transform((typed: string | undefined) =>
			typed ? (catalogueName(typed) ?? `?${typed}`) : undefined
		)
		.required(words.itemNeeded)
		.test('known', words.itemUnknown, (name) => !name?.startsWith('?'));

/** A weight, or for what is sold by volume that: "400 ml" of coconut milk weighs what the catalogue says. */
function sold(habit: Habit, limits: Parameters<typeof amount>[2]) {
	return amount('mass', habit, limits).when('itemName', ([name], schema) =>
		schema.transform((value: unknown, original: unknown) => {
			if (typeof value === 'number' && Number.isFinite(value)) return value;
			const item = typeof name === 'string' ? itemByName(name) : null;
			const litres = quantityFromText(String(original ?? ''), 'volume', habit);
			return item && litres && /[a-z]/i.test(String(original))
				? litres * item.densityKgPerL
				: value;
		})
	);
}

export function priceSchema(habit: Habit) {
	return yup.object({
		itemName: item(),
		label: text(words.label, 80),
		sizeKg: sold(habit, { label: words.size, min: 0.001, max: 50 }).required(words.sizeNeeded),
		priceCents: money(words.priceNeeded).required(words.priceNeeded),
		shop: text(words.shop, 60)
	});
}

export function stockSchema(habit: Habit) {
	return yup.object({
		itemName: item(),
		massKg: sold(habit, { label: words.amount, min: 0, max: 200 }).required(words.amountNeeded)
	});
}

export const budgetSchema = yup.object({ budgetCents: money(words.priceNeeded) });

/** What was really paid for a line of the list. */
export const paidSchema = yup.object({
	key: yup.string().max(200).required(),
	paidCents: money(w.shop.paidBad).required(w.shop.paidBad)
});

/** Lines of the shop's answer that are taken, with what comes in their place. */
export const takenSchema = yup
	.array(
		yup
			.object({
				key: yup.string().max(200).required(),
				comes: yup.string().trim().max(300).required()
			})
			.required()
	)
	.min(1)
	.max(300)
	.required();
