import { logFailure } from './log.ts';
import * as yup from 'yup';
import { askJson } from './ask-json';

const offerSchema = yup.object({
	item: yup.string().required(),
	label: yup.string().required(),
	grams: yup.number().positive().max(50_000).required(),
	cents: yup.number().integer().min(0).required()
});
const offersSchema = yup.object({ offers: yup.array(offerSchema.required()).required() });
const answerSchema = yup.object({
	lines: yup
		.array(
			yup
				.object({
					item: yup.string().required(),
					label: yup.string().required(),
					count: yup.number().integer().required(),
					is: yup
						.string()
						.oneOf(['there', 'fewer', 'other-size', 'missing'] as const)
						.required(),
					left: yup.number().integer(),
					offer: offerSchema.default(undefined)
				})
				.required()
		)
		.required()
});

/** Where the shop answers; the stand-in by default, never beyond this machine unless the household says so. */
const address = () => process.env.ALMACEN_SHOP || 'http://127.0.0.1:4790';
const patienceMs = 3_000;

/** Null when the shop does not answer, or not in its protocol. */
const ask = <S extends yup.Schema>(path: string, schema: S, init?: RequestInit) =>
	askJson(address() + path, schema, {
		patienceMs,
		init,
		failed: logFailure('the shop did not answer')
	});

export const shopOffers = () => ask('/offers', offersSchema);

export const sendOrder = (lines: { item: string; label: string; count: number }[]) =>
	ask('/order', answerSchema, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({ lines })
	});
