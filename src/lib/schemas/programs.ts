import * as yup from 'yup';
import { thawPlaces } from '../core/rules/index.ts';

/** What other programs of the household may send (docs/programs.md). Celsius, epoch milliseconds. */
const atMs = yup
	.number()
	.integer()
	.min(0)
	.max(Date.UTC(2200, 0, 1));
const mostReadings = 10_000;

/** Readings of a thermometer. */
export const readingsSchema = yup.object({
	readings: yup
		.array(
			yup
				.object({ atMs: atMs.required(), tempC: yup.number().min(-60).max(200).required() })
				.noUnknown()
				.strict()
		)
		.min(1)
		.max(mostReadings)
		.required()
});

/** What was done with a pack. */
export const deedSchema = yup.object({
	deed: yup
		.string()
		.oneOf(['cooked', 'given', 'discarded', 'pulled', 'put-back'] as const)
		.required(),
	reason: yup
		.string()
		.trim()
		.max(200)
		.when('deed', ([deed], schema) => (deed === 'discarded' ? schema.required() : schema)),
	place: yup.string().oneOf(thawPlaces).default('refrigerator'),
	atMs,
	/** of the pack as it was read: a deed on another state of it is refused */
	version: yup.number().integer().min(0)
});
