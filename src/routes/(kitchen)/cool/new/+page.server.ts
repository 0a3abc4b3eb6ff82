import { fail, redirect, type RequestEvent } from '@sveltejs/kit';
import { coolingWayNames } from '$lib/core/cooling';
import { coolingSchema } from '$lib/schemas/cooling';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { listDishes } from '$lib/server/queries/dishes';
import { getHousehold } from '$lib/server/queries/household';
import {
	compareWays,
	startByWay,
	startCooling,
	type CoolingRequest
} from '$lib/server/services/cooling/start-cooling';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const dishes = (await listDishes(locals.db)).filter((dish) => dish.state === 'cooked');
	return {
		dishes: dishes.map(({ id, name }) => ({ id, name })),
		dishId: url.searchParams.get('dish') ?? ''
	};
};

/** The form as a request, or what is wrong with it. */
async function readRequest({ request, locals }: RequestEvent) {
	const raw = rawFields(await request.formData());
	const form = readForm(coolingSchema(await getHousehold(locals.db)), raw);
	return form.ok
		? { ok: true as const, raw, value: form.value as CoolingRequest }
		: { ok: false as const, answer: fail(400, { errors: form.errors, typed: raw }) };
}

const refused = (problem: { field: string; message: string }, typed: Record<string, string>) =>
	fail(400, { errors: { [problem.field]: problem.message } as Record<string, string>, typed });

export const actions: Actions = {
	start: async (event) => {
		const form = await readRequest(event);
		if (!form.ok) return form.answer;
		const { db, compute } = event.locals;
		const way = coolingWayNames.find((name) => name === form.raw.way);
		const started = way
			? await startByWay(db, compute, form.value, way, nowMs())
			: await startCooling(db, form.value, nowMs());
		if (!started.ok) return refused(started, form.raw);
		redirect(303, `/cool/${started.id}`);
	},
	compare: async (event) => {
		const form = await readRequest(event);
		if (!form.ok) return form.answer;
		const compared = await compareWays(event.locals.db, event.locals.compute, form.value);
		if (!compared.ok) return refused(compared, form.raw);
		return { compared, typed: form.raw, errors: {} as Record<string, string> };
	}
};
