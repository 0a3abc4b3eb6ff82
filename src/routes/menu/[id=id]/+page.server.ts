import { error, fail, redirect } from '@sveltejs/kit';
import { dishSchema } from '$lib/schemas/dish';
import { rawFields, readForm } from '$lib/schemas/read-form';
import * as yup from 'yup';
import { freezerCheck, partCookedStep } from '$lib/core/foods/freezer-check';
import { itemByName } from '$lib/core/foods/item-catalogue';
import { stepPlaces, type DishStep } from '$lib/core/steps/propose-steps';
import { stepsOfDish } from '$lib/server/services/dishes/steps-of-dish';
import { dishNutrition } from '$lib/core/foods/dish-nutrition';
import { w } from '$lib/present/wording';
import { text } from '$lib/schemas/fields';
import { contentOf, getDish, type Dish, notesOf, versionsOf } from '$lib/server/queries/dishes';
import { addNote, changeLine, setDishExtras } from '$lib/server/writes/dishes';
import { changeHousehold } from '$lib/server/services/household/save-household';
import { undoable } from '$lib/server/undo/undoable';
import { getHousehold } from '$lib/server/queries/household';
import { changeDish, removeDish, restoreVersion } from '$lib/server/services/dishes/change-dish';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const dish = await getDish(locals.db, Number(params.id));
	if (!dish) error(404);
	const { freezeAnyway } = await getHousehold(locals.db);
	const { nutrition, knownLines } = dishNutrition(dish);
	return {
		dish,
		findings: freezerCheck({
			lines: dish.lines,
			state: dish.state,
			isBake: dish.kind === 'assembled-bake',
			freezeAnyway
		}),
		partCooked: partCookedStep({
			method: dish.method,
			state: dish.state,
			hasRawMeat: dish.facts.content === 'raw-meat'
		}),
		steps: stepsOfDish(dish),
		nutrition,
		known: { lines: knownLines, of: dish.lines.length },
		versions: await versionsOf(locals.db, dish.id),
		notes: await notesOf(locals.db, dish.id)
	};
};

const proposalSchema = yup.object({
	line: yup.number().integer().min(0).required(),
	proposal: yup
		.string()
		.oneOf(['cook-day', 'serve', 'cook-short', 'freeze-anyway'] as const)
		.required()
});
const noteSchema = yup.object({
	text: text(w.dishCare.newNote, 500).required(w.dishCare.noteNeeded)
});

/** Changes what a dish has beside its recipe, to be taken back as one change of the dish. */
async function extras(
	db: App.Locals['db'],
	dish: Dish,
	change: Parameters<typeof setDishExtras>[2]
) {
	const action = { kind: 'dish-changed', dishId: dish.id, before: contentOf(dish) } as const;
	await undoable(db, { action, what: dish.name, atMs: nowMs() }, (tx) =>
		setDishExtras(tx, dish.id, change)
	);
}

const stepsSchema = yup
	.array(
		yup.object({
			text: yup.string().trim().max(200).required(),
			minutes: yup.number().min(0).max(2880).required(),
			perBatchMin: yup.number().min(0).max(2880).required(),
			hands: yup.boolean().required(),
			place: yup
				.string()
				.oneOf([...stepPlaces])
				.required(),
			after: yup.array(yup.number().integer().min(0).required()).required(),
			ovenC: yup.number().min(40).max(300)
		})
	)
	.max(40)
	.required();

/** Steps as a screen sends them; undefined when they are none. One waits only for those before it. */
function readSteps(typed: string): DishStep[] | undefined {
	try {
		const steps = stepsSchema.validateSync(JSON.parse(typed), { stripUnknown: true });
		return steps.map((step, i) => ({ ...step, after: step.after.filter((before) => before < i) }));
	} catch {
		// whatever is wrong with it, the screen says what to do
		return undefined;
	}
}

export const actions: Actions = {
	change: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(dishSchema(await getHousehold(locals.db)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		if (!(await changeDish(locals.db, form.value, Number(params.id), nowMs()))) error(404);
		return { saved: true };
	},
	accept: async ({ request, locals, params }) => {
		const form = readForm(proposalSchema, rawFields(await request.formData()));
		const dish = await getDish(locals.db, Number(params.id));
		const line = form.ok ? dish?.lines[form.value.line] : undefined;
		if (!form.ok || !dish || !line) error(404);
		const { proposal } = form.value;
		const atMs = nowMs();
		if (proposal === 'freeze-anyway') {
			const { freezeAnyway } = await getHousehold(locals.db);
			if (line.itemName)
				await changeHousehold(locals.db, { freezeAnyway: [...freezeAnyway, line.itemName] }, atMs);
			return { accepted: true };
		}
		const change =
			proposal === 'cook-short'
				? { text: `${line.text}, ${w.dishCare.shortNote}`, cut: w.dishCare.shortNote }
				: { stage: proposal };
		const action = { kind: 'dish-changed', dishId: dish.id, before: contentOf(dish) } as const;
		await undoable(locals.db, { action, what: dish.name, atMs }, (tx) =>
			changeLine(tx, dish.id, line.position, change)
		);
		return { accepted: true };
	},
	note: async ({ request, locals, params }) => {
		const form = readForm(noteSchema, rawFields(await request.formData()));
		if (!form.ok) return fail(400, { noteErrors: form.errors });
		await addNote(locals.db, {
			dishId: Number(params.id),
			atMs: nowMs(),
			text: form.value.text
		});
		return { noted: true };
	},
	allergens: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const dish = await getDish(locals.db, Number(params.id));
		if (!dish) error(404);
		const typed = (raw.allergens ?? '').split(',').map((name) => name.trim().slice(0, 60));
		const allergens = raw.asRead === 'on' ? null : typed.filter(Boolean).slice(0, 30);
		await extras(locals.db, dish, { allergens });
		return { extras: true };
	},
	steps: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const dish = await getDish(locals.db, Number(params.id));
		if (!dish) error(404);
		const steps = raw.steps ? readSteps(raw.steps) : null;
		if (steps === undefined) return fail(400, { stepsMessage: w.steps.bad });
		await extras(locals.db, dish, { steps });
		return { extras: true };
	},
	restore: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		if (!(await restoreVersion(locals.db, Number(params.id), Number(raw.version), nowMs())))
			error(404);
		return { restored: true };
	},
	component: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const item = raw.standsFor ? itemByName(raw.standsFor) : null;
		await setDishExtras(locals.db, Number(params.id), { standsFor: item?.name ?? null });
		return { component: true };
	},
	remove: async ({ locals, params }) => {
		if (!(await removeDish(locals.db, Number(params.id), nowMs()))) error(404);
		redirect(303, '/menu');
	}
};
