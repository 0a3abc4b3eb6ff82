import { error, json } from '@sveltejs/kit';
import * as yup from 'yup';
import { getDay, markLine, marksOfDay } from '$lib/server/repos/days';
import { nowMs } from '$lib/server/now';
import type { RequestHandler } from './$types';

const marksSchema = yup
	.array(
		yup
			.object({
				key: yup.string().max(200).required(),
				ticked: yup.boolean().required(),
				atMs: yup.number().integer().min(0).required()
			})
			.required()
	)
	.max(500)
	.required();

/** Takes ticks made on a device, also those that waited for a connection; answers with how the list stands. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const dayId = Number(params.id);
	if (!(await getDay(locals.db, dayId))) error(404);
	let marks;
	try {
		marks = await marksSchema.validate(await request.json());
	} catch (problem) {
		error(400, problem instanceof Error ? problem.message : 'bad marks');
	}
	// a device's clock may run ahead: a mark from the future would never be overruled
	const now = nowMs();
	for (const { key, ticked, atMs } of marks)
		await markLine(locals.db, { dayId, key, ticked, atMs: Math.min(atMs, now) });
	return json(await marksOfDay(locals.db, dayId));
};
