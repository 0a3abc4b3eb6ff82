import { error, fail, redirect } from '@sveltejs/kit';
import { dishSchema } from '$lib/schemas/dish';
import { rawFields, readForm } from '$lib/schemas/read-form';
import {
	comesWhole,
	dishNutrition,
	findItem,
	freezerCheck,
	heaviestMeat,
	itemByName,
	partCookedStep
} from '$lib/core/foods';
import { dishKinds } from '$lib/core/published';
import { notesOfSteps } from '$lib/server/services/day/step-notes';
import { proposedSteps, stepsOfDish } from '$lib/server/services/dishes/steps-of-dish';
import * as w from '$lib/present/wording';
import { dishNoteSchema, proposalSchema, readSteps } from '$lib/schemas/dish-extras';
import { cautionsOfDish } from '$lib/server/queries/cautions';
import { getDish, notesOf, versionsOf } from '$lib/server/queries/dishes';
import {
	acceptProposal,
	changeExtras,
	noteDish,
	setStandsFor
} from '$lib/server/services/dishes/change-extras';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { changeDish, removeDish, restoreVersion } from '$lib/server/services/dishes/change-dish';
import { correctionsOf } from '$lib/formats/line-corrections';
import { settleSchema } from '$lib/schemas/settle';
import { settleDish } from '$lib/server/services/dishes/settle-dish';
import { worthOfDishes } from '$lib/server/services/learn/worth-changing';
import { servingCents } from '$lib/server/services/dishes/menu-overview';
import { dropPicture, keepPicture } from '$lib/server/services/dishes/dish-picture';
import { pictureAt } from '$lib/server/queries/dish-pictures';
import { listDays } from '$lib/server/queries/days';
import { saidAtMs } from '$lib/server/said-at';
import { staleForm } from '$lib/server/stale-form';
import { typedDish } from '$lib/present/typed-dish';
import { nowMs } from '$lib/server/now';
import { rowId } from '$lib/server/row-id';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const dish = await getDish(locals.db, Number(params.id));
	if (!dish) error(404);
	const house = await getHousehold(locals.db);
	const { freezeAnyway } = house;
	const { nutrition, knownLines } = dishNutrition(dish);
	return {
		dish,
		/** what follows from how it was the last times; computed after */
		worth: worthOfDishes(locals, house, [dish.id]),
		corrections: JSON.stringify(correctionsOf(dish.lines)),
		findings: freezerCheck({
			lines: dish.lines,
			state: dish.state,
			isBake: dishKinds[dish.kind].inPan,
			freezeAnyway
		}),
		partCooked: partCookedStep({
			method: dish.method,
			state: dish.state,
			hasRawMeat: dish.facts.content === 'raw-meat'
		}),
		cautions: cautionsOfDish('dish', dish),
		steps: stepsOfDish(dish),
		stepNotes: notesOfSteps(dish, 1, habitOf(house)),
		cookDay: proposedSteps(dish).cookDay,
		nutrition,
		known: { lines: knownLines, of: dish.lines.length },
		pictureAtMs: await pictureAt(locals.db, dish.id),
		costCents: await servingCents(locals.db, dish),
		whole: dish.lines.map(comesWhole),
		meat: heaviestMeat(dish.lines),
		days: (await listDays(locals.db)).map(({ id, onDay }) => ({ id, onDay })),
		versions: await versionsOf(locals.db, dish.id),
		notes: await notesOf(locals.db, dish.id)
	};
};

export const actions: Actions = {
	change: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(dishSchema(house), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const dish = await getDish(locals.db, Number(params.id));
		if (!dish) error(404);
		const corrections = JSON.stringify(correctionsOf(dish.lines));
		const stale = staleForm(raw, typedDish(dish, corrections, habitOf(house)));
		if (stale) return stale;
		if (!(await changeDish(locals.db, form.value, Number(params.id), nowMs()))) error(404);
		return { saved: true };
	},
	accept: async ({ request, locals, params }) => {
		const form = readForm(proposalSchema, rawFields(await request.formData()));
		const taken =
			form.ok && (await acceptProposal(locals.db, Number(params.id), form.value, nowMs()));
		if (!taken) error(404);
		return { accepted: true };
	},
	settle: async ({ request, locals, params }) => {
		const form = readForm(settleSchema, rawFields(await request.formData()));
		if (!form.ok) return fail(400, { settleErrors: form.errors });
		const { corrections, state, servings } = form.value;
		const said = {
			corrections: corrections ?? {},
			...(state && { state: state as 'raw' | 'cooked' }),
			...(servings !== undefined && { servings })
		};
		if (!(await settleDish(locals.db, Number(params.id), said, nowMs()))) error(404);
		return { settled: true };
	},
	note: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(dishNoteSchema, raw);
		if (!form.ok) return fail(400, { noteErrors: form.errors });
		const atMs = saidAtMs(raw.saidAtMs, nowMs());
		if (!(await noteDish(locals.db, Number(params.id), form.value.text, atMs))) error(404);
		return { noted: true };
	},
	allergens: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const typed = (raw.allergens ?? '').split(',').map((name) => name.trim().slice(0, 60));
		const allergens = raw.asRead === 'on' ? null : typed.filter(Boolean).slice(0, 30);
		if (!(await changeExtras(locals.db, Number(params.id), { allergens }, nowMs()))) error(404);
		return { extras: true };
	},
	steps: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const steps = raw.steps ? readSteps(raw.steps) : null;
		if (steps === undefined) return fail(400, { stepsMessage: w.steps.bad });
		if (!(await changeExtras(locals.db, Number(params.id), { steps }, nowMs()))) error(404);
		return { extras: true };
	},
	restore: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		if (!(await restoreVersion(locals.db, Number(params.id), rowId(raw.version ?? null), nowMs())))
			error(404);
		return { restored: true };
	},
	component: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const typed = raw.standsFor?.trim();
		const item = typed ? (itemByName(typed) ?? findItem(typed)) : null;
		if (typed && !item) return fail(400, { componentMessage: w.dishCare.componentUnknown });
		if (!(await setStandsFor(locals.db, Number(params.id), item?.name ?? null))) error(404);
		return { component: true };
	},
	picture: async ({ request, locals, params }) => {
		const file = (await request.formData()).get('file');
		if (!(file instanceof Blob)) return fail(400, { pictureMessage: w.dishPicture.notAPicture });
		const kept = await keepPicture(locals.db, Number(params.id), file, nowMs());
		if (!kept) error(404);
		return kept.ok ? { pictured: true } : fail(400, { pictureMessage: kept.message });
	},
	noPicture: async ({ locals, params }) => {
		await dropPicture(locals.db, Number(params.id));
		return { pictured: false };
	},
	remove: async ({ locals, params }) => {
		if (!(await removeDish(locals.db, Number(params.id), nowMs()))) error(404);
		redirect(303, '/menu');
	}
};
