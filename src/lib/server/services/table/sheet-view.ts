import { applianceOf } from '../../../core/appliances/index.ts';
import { cookSheet } from '../../../core/serving/index.ts';
import { sheetNow, stepText, type StepFacts } from '../../../present/sheet-words.ts';
import type { Habit } from '../../../present/habit.ts';
import type { Db } from '../../db/db.ts';
import { runningSheets, type CookSheetRow } from '../../queries/cook-sheets.ts';

/** What the words of a meal's steps need. */
export function stepFactsOf({
	plan,
	facts,
	convert
}: Pick<CookSheetRow, 'plan' | 'facts' | 'convert'>): StepFacts {
	const { kind, blockCount = 1 } = convert;
	const { state, coreC, tenderC, inPan, block, lateTexts, serveWith, hotMin } = facts;
	return {
		kind,
		state,
		coreC,
		tenderC,
		inPan,
		blocks: blockCount,
		block,
		bowl: applianceOf(plan.pots[0].method).ownOf?.(convert)?.bowl,
		lateTexts,
		serveWith,
		hotMin
	};
}

/** A sheet as its screens get it: without what only the model needs. */
export const sheetOnScreen = (sheet: CookSheetRow) => ({
	id: sheet.id,
	codes: sheet.codes,
	facts: sheet.facts,
	plan: sheet.plan,
	ticks: sheet.ticks,
	readings: sheet.readings,
	endedAtMs: sheet.endedAtMs,
	ended: sheet.ended,
	version: sheet.version,
	stepFacts: stepFactsOf(sheet)
});

/** A meal that is being cooked, as the line of clocks shows it. */
export interface CookingClock {
	id: number;
	name: string;
	step: string;
	what: string;
	atMs: number;
}

/** The next thing to do of every meal that is being cooked. */
export async function cookingClocks(db: Db, habit: Habit, nowMs: number): Promise<CookingClock[]> {
	const sheets = await runningSheets(db);
	return sheets.flatMap((sheet) => {
		const made = cookSheet(sheet.plan, sheet.ticks, nowMs);
		const { next } = sheetNow(made, nowMs);
		if (!next) return [];
		const { what } = stepText(next, sheet.plan, stepFactsOf(sheet), habit);
		return [{ id: sheet.id, name: sheet.facts.name, step: next.id, what, atMs: next.atMs }];
	});
}
