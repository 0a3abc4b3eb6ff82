import { error, json } from '@sveltejs/kit';
import * as yup from 'yup';
import { dayEventKinds } from '$lib/core/schedule/day-events';
import { nowMs } from '$lib/server/now';
import { noteEvents } from '$lib/server/services/run-day';
import type { RequestHandler } from './$types';

const eventsSchema = yup
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

/** Takes what happened on a day, also what waited on a device for a connection. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	let events;
	try {
		events = await eventsSchema.validate(await request.json());
	} catch (problem) {
		error(400, problem instanceof Error ? problem.message : 'bad events');
	}
	const noted = await noteEvents(locals.db, locals.compute, Number(params.id), nowMs(), events);
	if (!noted) error(404);
	noted.replanned.catch((problem: unknown) =>
		console.error('The day was not re-planned:', problem)
	);
	return json({ taken: events.length });
};
