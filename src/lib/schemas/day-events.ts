import * as yup from 'yup';
import { dayEventKinds } from '../core/schedule/index.ts';

/** What happened on a packing day, as a device sends it, some of it late. */
export const dayEventsSchema = yup
	.array(
		yup
			.object({
				uid: yup.string().min(8).max(64).required(),
				kind: yup.mixed<(typeof dayEventKinds)[number]>().oneOf(dayEventKinds).required(),
				key: yup.string().max(300).defined(),
				value: yup.number().nullable().defined(),
				atMs: yup.number().integer().min(0).required()
			})
			.required()
	)
	.max(500)
	.required();
