import type { Content, State } from '../appliances/question.ts';
import { heatingH } from './heating-hours.ts';
import { adoptedLimits } from './limits.ts';
import { worse, type Advice, type Reason, type ReasonCode } from './reasons.ts';
import { leftOutH } from './two-hours.ts';

export interface AdviceFacts {
	/** it heats slowly by design */
	slow: boolean;
	state: State;
	content: Content;
	thicknessM: number;
	massKg: number;
	hazardH: { likely: number; worst: number };
	/** it stands in the pan it is baked in: the hob is none of its ways */
	inPan?: boolean;
	/** hours of that which come from waiting switched off; 0: nothing waits */
	waitingH?: number;
	/** warmer than 32 °C halves what may stand out; default 21 */
	roomC?: number;
	/** likely hours allowed, when the household has tightened them */
	dangerH?: number;
}

/** From this share of a limit at the unfavourable end on, caution. Judgement. */
const spanOfCaution = 0.93;
const flatM = 0.05;
const lightKg = 1.5;

/**
 * The best advice allowed: the table of docs/safety.md, for every appliance. Public advice (USDA FSIS) of a slow cooker: thaw meat first,
 * do not reheat in it. Hours are those of the worst cell between 5 and 60 °C; they refuse, sizes only add a caution. Between good and
 * refused there is always a span of caution, so that no small change of a pack turns one into the other.
 */
export function bestAdvice(facts: AdviceFacts): { advice: Advice; reasons: Reason[] } {
	const reasons: Reason[] = [];
	let advice: Advice = 'good';
	const add = (to: Advice, code: ReasonCode, values?: Record<string, number>) => {
		advice = worse(advice, to);
		reasons.push(values ? { code, values } : { code });
	};
	const { likely, worst } = facts.hazardH;
	const waitingH = facts.waitingH ?? 0;
	const limitH = facts.dangerH ?? adoptedLimits.dangerH;
	/** the unfavourable end of raw and thawed may be half as long again */
	const worstLimitH = 1.5 * limitH;
	/** what has no meat, fish, egg, dairy, rice or cooked pulses in it: caution from half the limit */
	const plainCautionH = limitH / 2;
	switch (facts.content) {
		case 'raw-meat':
			if (facts.state === 'thawed' || !facts.slow) {
				if (worst > worstLimitH)
					add('refused', 'hours-in-danger-worst', { likely, worst, limitH: worstLimitH });
				else if (likely > limitH || worst > spanOfCaution * worstLimitH) {
					add('caution', 'hours-in-danger', { likely, worst, limitH });
					if (facts.slow) add('caution', 'first-hour-high');
				}
			} else {
				add('caution', 'thaw-first');
				add('caution', 'hot-liquid');
				if (facts.thicknessM > flatM + 1e-9)
					add('caution', 'only-flat', { thicknessM: facts.thicknessM, limitM: flatM });
				if (facts.massKg > lightKg + 1e-9)
					add('caution', 'only-light', { massKg: facts.massKg, limitKg: lightKg });
				if (worst > limitH) add('refused', 'hours-in-danger-worst', { likely, worst, limitH });
			}
			break;
		case 'cooked':
			if (facts.slow) add('caution', facts.inPan ? 'reheat-in-oven' : 'reheat-fast-first');
			else if (likely > Math.min(heatingH.cooked.caution, limitH) || worst > limitH)
				add('caution', 'reheat-slow', { likely, worst, limitH: heatingH.cooked.caution });
			if (likely > limitH || (!facts.slow && worst > worstLimitH))
				add('refused', 'hours-in-danger', { likely, worst, limitH });
			break;
		case 'plain':
			if (facts.state === 'thawed' && waitingH === 0) break;
			if (likely > limitH) add('refused', 'hours-in-danger', { likely, worst, limitH });
			else if (likely > plainCautionH)
				add('caution', 'hours-in-danger', { likely, worst, limitH: plainCautionH });
			break;
	}
	const outH = leftOutH(facts.roomC ?? 21);
	if (waitingH > 0 && facts.content !== 'plain')
		add(waitingH > outH ? 'refused' : 'caution', 'waits-warm', { waitingH, limitH: outH });
	return { advice, reasons };
}
