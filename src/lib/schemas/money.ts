import * as yup from 'yup';
import { numberFromText } from './quantity-text.ts';

/** A price typed as 3.20 or 3,20, in cents. Blank is undefined. */
export function money(message: string) {
	return yup
		.number()
		.transform((_, original) => {
			const typed = String(original ?? '').trim();
			if (typed === '') return undefined;
			const value = numberFromText(typed.replace(/[^\d.,]/g, '').replace(/,(\d{1,2})$/, '.$1'));
			return value === undefined ? NaN : Math.round(value * 100);
		})
		.typeError(message)
		.min(0, message)
		.max(100_000, message);
}
