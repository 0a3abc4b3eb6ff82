import * as w from '$lib/present/wording';
import { error, fail } from '@sveltejs/kit';
import { coreSchema, leftSchema, sideSchema } from '$lib/schemas/cook-sheet';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { neverOn } from '$lib/core/serving';
import { methodKey } from '$lib/core/appliances';
import { addDays } from '$lib/core/units';
import { dayIn } from '$lib/present/time';
import { mealTimeMs } from '$lib/server/serve-time';
import { nowMs as serverMs } from '$lib/server/now';
import { saidAtMs } from '$lib/server/said-at';
import { sheetById } from '$lib/server/queries/cook-sheets';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import * as deeds from '$lib/server/services/table/sheet-deeds';
import { sheetOnScreen } from '$lib/server/services/table/sheet-view';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = async ({ params, locals, url }) => {
	const sheet = await sheetById(locals.db, Number(params.id));
	if (!sheet) error(404);
	const nowMs = serverMs();
	const house = await getHousehold(locals.db);
	const inAtMs = deeds.inSince(sheet);
	const last = sheet.plan.pots[sheet.plan.pots.length - 1];
	const asksPots = url.searchParams.has('pots') || Boolean(last.off);
	return {
		sheet: sheetOnScreen(sheet),
		inAtMs,
		never:
			last.off && inAtMs !== null
				? neverOn({
						content: sheet.facts.content,
						inAtMs,
						nowMs,
						dangerH: house.limits.dangerH
					})
				: null,
		/** where the food can go on, worked out when it is asked for */
		pots: asksPots
			? deeds.otherPots(locals.compute, sheet, nowMs).then((found) =>
					found.map((pot) => ({
						key: methodKey(pot.method),
						method: pot.method,
						totalMin: pot.totalMin,
						advice: pot.advice
					}))
				)
			: null,
		eatBy: addDays(dayIn(nowMs, house.timeZone), sheet.facts.leftoverDays),
		helper: `${url.origin}/helper/${sheet.token}`,
		nowMs
	};
};

/** Does something to the sheet of this address, or says why not. */
async function doing(
	event: RequestEvent,
	deed: (id: number, form: FormData, nowMs: number) => Promise<boolean | { message: string }>
) {
	const form = await event.request.formData();
	const atMs = saidAtMs(form.get('saidAtMs')?.toString(), serverMs());
	const done = await deed(Number(event.params.id), form, atMs);
	if (done === true) return { done: true };
	return done ? fail(400, done) : fail(409, { message: w.cookSheet.gone });
}

export const actions: Actions = {
	tick: (event) =>
		doing(event, (id, form, atMs) =>
			deeds.tickStep(event.locals.db, id, String(form.get('step') ?? ''), atMs)
		),
	untick: (event) =>
		doing(event, (id, form) =>
			deeds.untickStep(event.locals.db, id, String(form.get('step') ?? ''))
		),
	wish: (event) =>
		doing(event, async (id, form, atMs) => {
			const { db } = event.locals;
			// a meal is put off by an hour or two, not by a year
			const byMin = Math.max(-720, Math.min(720, Number(form.get('byMin') ?? 0) || 0));
			const sheet = await sheetById(db, id);
			if (!sheet) return false;
			if (byMin) return deeds.setWish(db, id, sheet.plan.wishMs + byMin * 60_000);
			const house = await getHousehold(db);
			const wishMs = mealTimeMs(String(form.get('by') ?? ''), null, house.timeZone, atMs);
			return wishMs === null ? { message: w.cookSheet.noTime } : deeds.setWish(db, id, wishMs);
		}),
	core: (event) =>
		doing(event, async (id, form, atMs) => {
			const { db, compute } = event.locals;
			const read = readForm(coreSchema(habitOf(await getHousehold(db))), rawFields(form));
			return read.ok
				? deeds.noteCore(db, compute, id, read.value.core, atMs)
				: { message: Object.values(read.errors)[0] };
		}),
	move: (event) =>
		doing(event, (id, form, atMs) => {
			const { db, compute } = event.locals;
			return deeds.movePot(db, compute, id, String(form.get('way') ?? ''), atMs);
		}),
	off: (event) => doing(event, (id) => deeds.foundOff(event.locals.db, id)),
	discard: (event) =>
		doing(event, (id, _form, atMs) =>
			deeds.discardSheet(event.locals.db, id, w.cookSheet.discardReason, atMs)
		),
	side: (event) =>
		doing(event, async (id, form) => {
			const { db } = event.locals;
			const read = readForm(sideSchema(habitOf(await getHousehold(db))), rawFields(form));
			return read.ok
				? deeds.addSide(db, id, { ...read.value, uses: read.value.uses ?? null })
				: { message: Object.values(read.errors)[0] };
		}),
	dropSide: (event) => doing(event, (id) => deeds.dropSide(event.locals.db, id)),
	finish: (event) =>
		doing(event, async (id, form, atMs) => {
			const read = readForm(leftSchema, rawFields(form));
			if (!read.ok) return { message: Object.values(read.errors)[0] };
			const { timeZone } = await getHousehold(event.locals.db);
			const servings = read.value.left ?? 0;
			return deeds.finishSheet(event.locals.db, id, { servings, timeZone }, atMs);
		}),
	leave: (event) => doing(event, (id, _form, atMs) => deeds.leaveSheet(event.locals.db, id, atMs))
};
