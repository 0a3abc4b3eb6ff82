import type { PrepItem, PrepShare } from '../core/schedule/index.ts';
import { lineAmountText } from './amounts.ts';
import { massText, volumeText, type Habit } from './units.ts';
import * as w from './wording/index.ts';

const count = (pieces: number) =>
	lineAmountText(
		{
			quantity: pieces > 4 ? Math.round(pieces * 2) / 2 : Math.round(pieces * 4) / 4,
			quantityTo: null,
			unit: 'piece'
		},
		{
			system: 'us'
		} as Habit
	);

/** "7, about 770 g, 1.1 L": pieces, weight and how it measures, as far as they are known. */
export function prepAmountText(item: PrepItem, habit: Habit): string {
	const parts = [
		item.pieces !== null && item.pieces >= 0.25 ? count(item.pieces) : null,
		item.massKg === null ? null : massText(item.massKg, habit),
		item.litres === null || item.cut === '' ? null : volumeText(item.litres, habit)
	].filter((part) => part !== null);
	return parts.length ? parts.join(', ') : w.prep.unknown;
}

/** "2 to goulash": a dish's share. */
export function shareText(share: PrepShare, habit: Habit): string {
	const amount =
		share.pieces !== null && share.pieces >= 0.25
			? count(share.pieces)
			: share.massKg === null
				? w.prep.unknown
				: massText(share.massKg, habit);
	return w.prep.share({ amount, dish: share.dish });
}
