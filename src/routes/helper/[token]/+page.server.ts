import { error } from '@sveltejs/kit';
import { sheetByToken } from '$lib/server/queries/cook-sheets';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { sheetOnScreen } from '$lib/server/services/table/sheet-view';
import { nowMs, timeLapse } from '$lib/server/now';
import * as w from '$lib/present/wording';
import type { PageServerLoad } from './$types';

/** One meal's steps, for somebody who helps: this and nothing else, until it is over. */
export const load: PageServerLoad = async ({ params, locals }) => {
	const sheet = await sheetByToken(locals.db, params.token);
	if (!sheet) error(404, w.cookSheet.over);
	const { facts, plan, ticks, stepFacts } = sheetOnScreen(sheet);
	return {
		meal: {
			facts: {
				name: facts.name,
				addOnDay: facts.addOnDay,
				servings: facts.servings,
				allergens: facts.allergens,
				allergensKnown: facts.allergensKnown
			},
			plan,
			ticks,
			stepFacts
		},
		shown: habitOf(await getHousehold(locals.db)),
		clockNow: { nowMs: nowMs(), lapse: timeLapse }
	};
};
