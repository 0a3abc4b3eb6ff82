import { checkedQuestion } from '../appliances/checked-question.ts';
import { applianceOf, scenarioOf, type Method, type State } from '../appliances/index.ts';
import { efforts, TableCache } from '../appliances/run/effort.ts';
import { stepTo } from '../appliances/run/running-cook.ts';
import { asLikely, type Unknowns } from '../appliances/run/unknowns.ts';
import type { ConvertInput } from '../cooking/conversion/conversion.ts';
import { goalOf } from '../cooking/conversion/target.ts';
import { startedCook } from '../cooking/conversion/timeline-of.ts';
import { thicknessM } from '../heat/shape.ts';
import { requireRange } from '../require-range.ts';
import { bestAdvice } from '../rules/best-advice.ts';
import { worse, type Advice, type Reason } from '../rules/reasons.ts';

/** What a timer does to a pack in the slow cooker. */
export interface DelayedStart {
	/** worst part between 5 and 60 °C, waiting and cooking together, hours */
	hazardH: { likely: number; worst: number };
	/** how much of that is there without waiting */
	withoutWaitH: number;
	/** coldest temperature at the end of keeping warm, °C */
	endC: number;
	advice: Advice;
	reasons: Reason[];
}

const mostMin = 24 * 60;
/** Half a kelvin under the core is the core. */
const withinK = 0.5;
/** A weak cooker: the unfavourable end for hours in the danger range. */
const unfavourable: Unknowns = { ...asLikely, power: 1, loss: 1, transfer: 1 };

/**
 * A pack that waits in the slow cooker switched off for `delayMin`, cooks for `setMin` and is kept warm for `warmMin`: its hours
 * between 5 and 60 °C, waiting included, against the table of best advice. Throws coded errors for broken input.
 */
export function delayedStart(input: {
	convert: ConvertInput;
	method: Extract<Method, { appliance: 'slow-cooker' }>;
	state: State;
	setMin: number;
	delayMin: number;
	warmMin: number;
	dangerH?: number;
}): DelayedStart {
	checkedQuestion(input.convert);
	if (input.dangerH !== undefined) requireRange('dangerH', input.dangerH, 0.1, 24);
	const delayMin = requireRange('delayMin', input.delayMin, 0, mostMin);
	const stages = {
		delayMin,
		setMin: requireRange('setMin', input.setMin, 0, 48 * 60),
		warmMin: requireRange('warmMin', input.warmMin, 0, mostMin)
	};
	const likely = through(input, asLikely, stages);
	const worst = through(input, unfavourable, stages);
	const hazardH = { likely: likely.hazardH, worst: Math.max(worst.hazardH, likely.hazardH) };
	const { convert, method, state, dangerH } = input;
	const withoutWaitH = through(input, asLikely, { ...stages, delayMin: 0 }).hazardH;
	const verdict = bestAdvice({
		slow: applianceOf(method).slow ?? false,
		state,
		content: convert.content,
		thicknessM: thicknessM(convert.block),
		massKg: convert.massKg,
		hazardH,
		waitingH: delayMin > 0 ? Math.max(1e-3, likely.hazardH - withoutWaitH) : 0,
		roomC: convert.kitchen.roomC,
		dangerH
	});
	// a timer that ends before the food is hot is no plan, whatever the hours
	const { coreC } = goalOf(convert, method, 0);
	const short = [likely, worst].map(({ hottestC }) => hottestC < coreC - withinK);
	const notHot: Advice = short[0] ? 'refused' : short[1] ? 'caution' : 'good';
	return {
		hazardH,
		withoutWaitH,
		endC: likely.coldestC,
		advice: worse(verdict.advice, notHot),
		reasons: [
			...verdict.reasons,
			...(notHot === 'good'
				? []
				: [{ code: 'ends-too-soon' as const, values: { coreC, endC: likely.hottestC } }])
		]
	};
}

function through(
	{ convert, method, state }: Parameters<typeof delayedStart>[0],
	unknowns: Unknowns,
	stages: { delayMin: number; setMin: number; warmMin: number }
) {
	const cook = startedCook(
		scenarioOf(convert, method, state),
		unknowns,
		efforts.likely,
		new TableCache()
	);
	let hottestC = -Infinity;
	const onStep = () => (hottestC = Math.max(hottestC, cook.coldestC));
	let endMin = 0;
	for (const { minutes, how } of [
		{ minutes: stages.delayMin, how: 'off' },
		{ minutes: stages.setMin, how: 'on' },
		{ minutes: stages.warmMin, how: 'warm' }
	] as const) {
		endMin += minutes;
		stepTo(cook, endMin, { stepS: efforts.likely.slowS, how, onStep });
	}
	return {
		hazardH: Math.max(cook.hazardH, cook.poolHazardH),
		coldestC: cook.coldestC,
		hottestC
	};
}
