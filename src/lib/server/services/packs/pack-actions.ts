import * as w from '../../../present/wording/index.ts';
import { fail } from '@sveltejs/kit';
import { thawPlaces } from '../../../core/rules/index.ts';
import { numberFromText } from '../../../schemas/quantity-text.ts';
import type { Db } from '../../db/db.ts';
import { freezerOfShelf } from '../../queries/household.ts';
import { packByCode } from '../../queries/packs.ts';
import { rowId } from '../../row-id.ts';
import { changePack, refreezeOf, splitPack, type PackDeed } from './change-packs.ts';
import { nowMs } from '../../now.ts';
import { saidAtMs } from '../../said-at.ts';

interface PackEvent {
	request: Request;
	params: { code: string };
	locals: { db: Db };
}

/** The version of the pack a page showed, so that a second tap or another device's deed is noticed. */
const versionOf = (form: FormData) => {
	const typed = form.get('version');
	return typed === null ? undefined : Number(typed);
};

/** Does it, or says what another device did before. */
async function doOrSay({ locals, params }: PackEvent, form: FormData, deed: PackDeed) {
	const atMs = saidAtMs(form.get('saidAtMs')?.toString(), nowMs());
	const done = await changePack(locals.db, params.code, deed, atMs, versionOf(form));
	if (done) return { done };
	const message =
		deed.kind === 'put-back'
			? w.packActionsAnswers.alreadyBack
			: versionOf(form) === undefined
				? w.packActionsAnswers.alreadyOut
				: w.packDeeds.changedMeanwhile;
	return fail(409, { message });
}

/** A pack was left out for a week at most: what is longer is a slip. */
const mostAgoMin = 7 * 24 * 60;

/** What can be done with a pack wherever it is shown. Every one is noted and can be taken back. */
export const packActions = {
	cooked: async (event: PackEvent) =>
		doOrSay(event, await event.request.formData(), { kind: 'cooked' }),
	given: async (event: PackEvent) =>
		doOrSay(event, await event.request.formData(), { kind: 'given' }),
	putBack: async (event: PackEvent) =>
		doOrSay(event, await event.request.formData(), { kind: 'put-back' }),
	discarded: async (event: PackEvent) => {
		const form = await event.request.formData();
		const reason = String(form.get('reason') ?? '')
			.trim()
			.slice(0, 200);
		if (!reason) return fail(400, { message: w.packActionsAnswers.reasonMissing });
		return doOrSay(event, form, { kind: 'discarded', reason });
	},
	moved: async (event: PackEvent) => {
		const form = await event.request.formData();
		const place = await freezerOfShelf(event.locals.db, rowId(form.get('shelfId')));
		if (!place) return fail(400, { message: w.packDishAnswers.shelfGone });
		const to = `${place.freezer.name}, ${place.shelf.name}`;
		return doOrSay(event, form, { kind: 'moved', shelfId: place.shelf.id, to });
	},
	pulled: async (event: PackEvent) => {
		const form = await event.request.formData();
		const place = thawPlaces.find((known) => known === form.get('place')) ?? 'refrigerator';
		const typed = String(form.get('agoMin') ?? '').trim();
		const agoMin = typed === '' ? 0 : numberFromText(typed);
		if (!(agoMin >= 0 && agoMin <= mostAgoMin)) return fail(400, { message: w.packDeeds.agoBad });
		return doOrSay(event, form, { kind: 'pulled', place, agoMin });
	},
	refrozen: async (event: PackEvent) => {
		const form = await event.request.formData();
		const pack = await packByCode(event.locals.db, event.params.code);
		if (!pack || refreezeOf(pack, nowMs())?.outcome !== 'refreeze')
			return fail(409, { message: w.packDeeds.notSoon });
		return doOrSay(event, form, { kind: 'refrozen' });
	},
	usedPart: async (event: PackEvent) => {
		const form = await event.request.formData();
		const pack = await packByCode(event.locals.db, event.params.code);
		if (!pack) return fail(404, { message: w.packActionsAnswers.alreadyOut });
		const servings = numberFromText(String(form.get('servings') ?? ''));
		const left = pack.packing.servings * pack.part01;
		if (!Number.isFinite(servings) || servings <= 0 || servings > left + 1e-9)
			return fail(400, { message: w.packDeeds.howMany });
		const part01 = servings / pack.packing.servings;
		return doOrSay(event, form, { kind: 'used-part', part01, detail: String(servings) });
	},
	split: async (event: PackEvent) => {
		const form = await event.request.formData();
		const into = numberFromText(String(form.get('into') ?? ''));
		if (!Number.isInteger(into) || into < 2 || into > 12)
			return fail(400, { message: w.packDeeds.intoHowMany });
		const { code } = event.params;
		const pack = await packByCode(event.locals.db, code);
		const added = await splitPack(event.locals.db, code, into, {
			nowMs: nowMs(),
			what: w.packDeeds.did.split({ what: `${pack?.name}, ${code}` }),
			version: versionOf(form)
		});
		return added ? { done: true, added } : fail(409, { message: w.packDeeds.changedMeanwhile });
	}
};
