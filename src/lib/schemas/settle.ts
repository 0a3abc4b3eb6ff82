import * as yup from 'yup';
import type { LineCorrection } from '../core/foods/index.ts';
import * as w from '../present/wording/index.ts';
import { readCorrections } from './dish.ts';
import { oneOf, wholeNumber } from './fields.ts';

/** Answers to what a dish's words left open: of its lines, its state, its servings. */
export const settleSchema = yup.object({
	corrections: yup
		.mixed<Record<string, LineCorrection>>()
		.transform((_, original) => readCorrections(original)),
	state: oneOf(['raw', 'cooked'], w.dishChecks.state),
	servings: wholeNumber({ label: w.dishChecks.servings, min: 1, max: 100 })
});
