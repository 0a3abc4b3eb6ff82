import type { CookSheet, SheetPlan, SheetStep } from '../core/serving/index.ts';
import { dangerC } from '../core/rules/index.ts';
import { type DishKind, dishKinds } from '../core/published/index.ts';
import type { Bowl } from '../core/kitchen/index.ts';
import type { Habit } from './habit.ts';
import { lateText } from './late-words.ts';
import { durationText, thawingText } from './time.ts';
import { sidesText, tempText, volumeText } from './units.ts';
import { methodText } from './wording/codes/words.ts';
import * as w from './wording/index.ts';
import { thawingRange } from '../core/freezing/index.ts';

/** What the words of a step need besides its plan. */
export interface StepFacts {
	kind: DishKind;
	state: 'raw' | 'cooked';
	coreC: number;
	tenderC: number | null;
	inPan: boolean;
	/** frozen blocks that go in together */
	blocks: number;
	block: { lengthM: number; widthM: number };
	/** of the appliance it first goes into; undefined where nobody measured it */
	bowl?: Bowl;
	lateTexts: readonly string[];
	serveWith: readonly string[];
	/** minutes it stays above 60 °C off the heat; not reckoned before it is begun */
	hotMin?: number;
}

/** What is in a meal, for somebody who helps; first that more may be in it. */
export const mealContains = (of: {
	allergens: readonly string[];
	allergensKnown: boolean;
}): string =>
	w.cookSheet.contains({
		what: [...(of.allergensKnown ? [] : [w.cookSheet.notAllKnown]), ...of.allergens].join(', ')
	});

/** What is done in a step, and what helps to do it. */
export function stepText(
	step: SheetStep,
	plan: SheetPlan,
	facts: StepFacts,
	habit: Habit
): { what: string; how: string } {
	const say = w.sheetSteps;
	const pot = plan.pots[Math.min(step.of, plan.pots.length - 1)];
	const time = durationText((step.untilMs - step.atMs) / 60_000);
	const before = thawingRange(plan.beforeMin);
	switch (step.kind) {
		case 'take-out':
			return {
				what: plan.raw ? say.takeOutRaw : say.takeOut,
				how: before ? say.thaws({ time: thawingText(before) }) : ''
			};
		case 'into-water': {
			const about = { time: durationText(plan.beforeMin) };
			const until = plan.route === 'softened' ? say.untilBends : say.untilThawed;
			return { what: say.intoWater, how: until(about) };
		}
		case 'change-water':
			return { what: say.changeWater, how: '' };
		case 'preheat':
			return {
				what: say.preheat({ way: methodText(pot.method, habit) }),
				how: say.takes({ time })
			};
		case 'in':
			return { what: inText(plan, facts, habit), how: inHow(plan, facts, habit) };
		case 'move': {
			const from = methodText(plan.pots[step.of - 1].method, habit);
			const to = methodText(pot.method, habit);
			return {
				what: say.move({ from, to }),
				how: pot.comeUpMin === null ? say.setFor({ time }) : say.lidOn
			};
		}
		case 'at-pressure':
			return {
				what: say.atPressure({ time: durationText(pot.setMin.to) }),
				how: say.comesUp({ time: durationText(pot.comeUpMin ?? 0) })
			};
		case 'release': {
			const quick = pot.method.appliance === 'pressure-cooker' && pot.method.release === 'quick';
			return { what: quick ? say.letOut : say.falls, how: say.about({ time }) };
		}
		case 'stir':
			return { what: say.stir, how: '' };
		case 'late': {
			const { [step.of]: addition } = plan.late;
			const { [step.of]: text } = facts.lateTexts;
			return { what: lateText({ ...addition, items: text ? [text] : addition.items }), how: '' };
		}
		case 'measure':
			return {
				what: say.measure({ temp: tempText(facts.coreC, habit), where: whereOf(plan, facts) }),
				how:
					facts.tenderC === null
						? say.notThere
						: say.tender({ temp: tempText(facts.tenderC, habit) })
			};
		case 'rest':
			return {
				what:
					pot.method.appliance === 'microwave'
						? say.stands
						: pot.comeUpMin === null
							? say.rests
							: say.restsOpen,
				how: say.about({ time })
			};
		case 'keep-hot':
			return {
				what: say.keepHot({ temp: tempText(dangerC.to, habit) }),
				how: [
					facts.hotMin ? say.staysHot({ time: durationText(facts.hotMin) }) : '',
					facts.kind === 'lean-pieces' ? say.keepHotLean : '',
					say.tooLong
				]
					.filter(Boolean)
					.join('; ')
			};
		case 'side': {
			const { name } = plan.sides[step.of];
			return { what: say.side({ name, time }), how: '' };
		}
		case 'serve':
			return {
				what: say.serve,
				how: facts.serveWith.length ? say.serveWith({ what: facts.serveWith.join(', ') }) : ''
			};
	}
}

/** Where the thermometer goes. */
function whereOf(plan: SheetPlan, { kind, inPan }: StepFacts): string {
	const { where } = w.sheetSteps;
	if (inPan || dishKinds[kind].inPan) return where.pan;
	if (dishKinds[kind].loose) return where.loose;
	return kind === 'tough-cut' ? where.whole : where.pieces;
}

function inText(plan: SheetPlan, facts: StepFacts, habit: Habit): string {
	const say = w.sheetSteps;
	const [pot] = plan.pots;
	const way = methodText(pot.method, habit);
	if (facts.inPan && pot.method.appliance !== 'slow-cooker') return say.inPan({ way });
	const what =
		pot.state === 'thawed'
			? say.thawed
			: facts.blocks > 1
				? say.blocks({ n: facts.blocks })
				: say.block;
	if (pot.method.appliance === 'water-bath') return say.inSealed({ what, way });
	const amount = pot.addLiquidL > 0 ? volumeText(pot.addLiquidL, habit) : null;
	const hot = pot.method.appliance === 'slow-cooker';
	const liquid = amount === null ? '' : hot ? say.hotLiquid({ amount }) : say.liquid({ amount });
	return say.in({ liquid, what, way });
}

function inHow(plan: SheetPlan, facts: StepFacts, habit: Habit): string {
	const say = w.sheetSteps;
	const [pot] = plan.pots;
	const fits =
		pot.state === 'frozen' && facts.bowl && !facts.inPan
			? say.fits({
					block: sidesText(facts.block.lengthM, facts.block.widthM, habit),
					bowl: say.bowl({ sides: sidesText(facts.bowl.lengthM, facts.bowl.widthM, habit) })
				})
			: '';
	const how =
		pot.method.appliance === 'hob'
			? say.breakUp
			: pot.method.appliance === 'microwave'
				? `${say.setFor({ time: durationText(pot.setMin.to) })}, ${say.covered}`
				: pot.comeUpMin !== null
					? say.lidOn
					: say.setFor({ time: durationText(pot.setMin.to) });
	return [how, fits].filter(Boolean).join('; ');
}

/** The step that wants hands next, and what goes on until then. */
export function sheetNow(sheet: CookSheet, nowMs: number) {
	const next = sheet.steps.find(({ hands, doneAtMs }) => hands && doneAtMs === null) ?? null;
	const running =
		sheet.steps.findLast(
			({ atMs, untilMs, kind }) =>
				atMs <= nowMs && untilMs > nowMs && kind !== 'side' && kind !== 'late'
		) ?? null;
	return { next, running, isDue: next !== null && next.atMs <= nowMs + 30_000 };
}
