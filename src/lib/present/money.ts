import type { Habit } from './habit.ts';

/** Cents as they stand in a field and in a file, without a currency: 3.20. */
export const centsText = (cents: number): string => (Math.round(cents) / 100).toFixed(2);

/** Cents as a screen shows them, in the household's currency where it has said which: 3.20, €3.20, CHF 3.20. */
export function priceText(cents: number, { currency, dayOrder }: Habit): string {
	if (!currency) return centsText(cents);
	return new Intl.NumberFormat(dayOrder === 'mdy' ? 'en-US' : 'en-GB', {
		style: 'currency',
		currency,
		currencyDisplay: 'narrowSymbol'
	}).format(Math.round(cents) / 100);
}

/** Every currency a household can choose, by name. */
export const currencies = (): { value: string; name: string }[] => {
	const names = new Intl.DisplayNames('en', { type: 'currency' });
	return Intl.supportedValuesOf('currency').map((value) => ({
		value,
		name: `${names.of(value) ?? value} (${value})`
	}));
};
