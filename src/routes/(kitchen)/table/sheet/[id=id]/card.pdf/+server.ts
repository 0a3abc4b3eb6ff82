import { error } from '@sveltejs/kit';
import { cookSheet } from '$lib/core/serving';
import { mealContains, stepText } from '$lib/present/sheet-words';
import { instantText } from '$lib/present/time';
import { standingLine } from '$lib/present/wording/codes/words';
import * as w from '$lib/present/wording';
import { nowMs } from '$lib/server/now';
import { pdfAnswer } from '$lib/server/pdf/pdf-answer';
import { shippedFonts } from '$lib/server/pdf/shipped-fonts';
import { stepsCardPdf } from '$lib/server/pdf/steps-card';
import { sheetById } from '$lib/server/queries/cook-sheets';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { plainPage } from '$lib/server/services/packs/labels-of';
import { stepFactsOf } from '$lib/server/services/table/sheet-view';

/** A meal's steps on paper, for somebody who helps without the application. */
export const GET = async ({ params, locals }) => {
	const row = await sheetById(locals.db, Number(params.id));
	if (!row) error(404);
	const habit = habitOf(await getHousehold(locals.db));
	const { facts, plan, ticks } = row;
	const at = nowMs();
	const sheet = cookSheet(plan, ticks, at);
	const stepFacts = stepFactsOf(row);
	const pdf = await stepsCardPdf({
		page: plainPage(habit),
		fonts: await shippedFonts(),
		title: w.cookSheet.helperTitle({ name: facts.name }),
		serve: instantText(sheet.serveAtMs, habit, at),
		line: w.cookSheet.servingsOf({ servings: facts.servings, codes: row.codes.join(', ') }),
		steps: sheet.steps.map((step) => ({
			at: instantText(step.doneAtMs ?? step.atMs, habit, at),
			...stepText(step, plan, stepFacts, habit)
		})),
		notes: [
			...(facts.addOnDay ? [w.cookSheet.onDay({ amounts: facts.addOnDay })] : []),
			mealContains(facts),
			standingLine
		]
	});
	return pdfAnswer(pdf, 'meal');
};
