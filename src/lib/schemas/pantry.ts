import * as yup from 'yup';
import { catalogueName } from '../core/shopping/shopping-list.ts';
import type { Habit } from '../present/habit.ts';
import * as w from '../present/wording/index.ts';
import { amount, text } from './fields.ts';
import { money } from './money.ts';

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

export function priceSchema(habit: Habit) {
	return yup.object({
		itemName: item(),
		label: text(words.label, 80),
		sizeKg: amount('mass', habit, { label: words.size, min: 0.001, max: 50 }).required(
			words.sizeNeeded
		),
		priceCents: money(words.priceNeeded).required(words.priceNeeded),
		shop: text(words.shop, 60)
	});
}

export function stockSchema(habit: Habit) {
	return yup.object({
		itemName: item(),
		massKg: amount('mass', habit, { label: words.amount, min: 0, max: 200 }).required(
			words.amountNeeded
		)
	});
}

export const budgetSchema = yup.object({ budgetCents: money(words.priceNeeded) });

/** What was really paid for a line of the list. */
export const paidSchema = yup.object({
	key: yup.string().max(200).required(),
	paidCents: money(w.shop.paidBad).required(w.shop.paidBad)
});
