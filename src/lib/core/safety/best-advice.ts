import type { Method, State } from '../cooking/method.ts';
import { adoptedLimits } from './limits.ts';

export type Advice = 'good' | 'caution' | 'refused';
export interface Reason {
	code: ReasonCode;
	values?: Record<string, number>;
}

/** Every reason an answer can carry; wording is in `present/`. */
export const reasonCodes = [
	'hours-in-danger',
	'hours-in-danger-worst',
	'thaw-first',
	'only-flat',
	'only-light',
	'hot-liquid',
	'reheat-fast-first',
	'reheat-in-oven',
	'too-full',
	'under-half-full',
	'more-than-the-bowl',
	'block-too-big',
	'never-ready',
	'may-not-finish',
	'not-in-pressure-cooker',
	'poor-in-slow-cooker',
	'fish-in-minutes',
	'cut-in-pieces',
	'first-hour-high',
	'thick-block',
	'long-under-pressure',
	'add-liquid',
	'set-long-end',
	'own-pace',
	'own-minutes',
	'recipe-clipped',
	'recipe-too-short',
	'small-load',
	'glass-from-frozen',
	'waits-warm',
	'not-on-hob',
	'bath-too-cool',
	'stir-and-stand',
	'divide',
	'only-heats',
	'bath-slow',
	'one-layer',
	'instead'
] as const;
export type ReasonCode = (typeof reasonCodes)[number];

export function worse(a: Advice, b: Advice): Advice {
	const order: Advice[] = ['good', 'caution', 'refused'];
	return order[Math.max(order.indexOf(a), order.indexOf(b))];
}

export interface AdviceFacts {
	method: Method;
	state: State;
	content: 'raw-meat' | 'cooked' | 'plain';
	thicknessM: number;
	massKg: number;
	hazardH: { likely: number; worst: number };
	/** it stands in the pan it is baked in: the hob is none of its ways */
	inPan?: boolean;
	/** hours of that which come from waiting switched off; 0: nothing waits */
	waitingH?: number;
	/** likely hours allowed, when the household has tightened them */
	dangerH?: number;
}

/** From this share of a limit at the unfavourable end on, caution. Judgement. */
const spanOfCaution = 0.93;
const flatM = 0.05;
const lightKg = 1.5;

/** Perishable food is not left out longer, hours (USDA FSIS). */
const leftOutH = 2;

/**
 * The best advice allowed in a slow cooker: the table of docs/safety.md. Public advice (USDA FSIS): thaw meat first, do not
 * reheat in it. Hours are those of the worst cell between 5 and 60 °C; they refuse, sizes only add a caution. Between good and
 * refused there is always a span of caution, so that no small change of a pack turns one into the other.
 */
export function bestAdvice(facts: AdviceFacts): { advice: Advice; reasons: Reason[] } {
	const reasons: Reason[] = [];
	let advice: Advice = 'good';
	const add = (to: Advice, code: ReasonCode, values?: Record<string, number>) => {
		advice = worse(advice, to);
		reasons.push(values ? { code, values } : { code });
	};
	if (facts.method.appliance !== 'slow-cooker') return { advice, reasons };
	const { likely, worst } = facts.hazardH;
	const waitingH = facts.waitingH ?? 0;
	const limitH = facts.dangerH ?? adoptedLimits.dangerH;
	/** the unfavourable end of raw and thawed may be half as long again */
	const worstLimitH = 1.5 * limitH;
	/** what has no meat, fish, egg, dairy, rice or cooked pulses in it: caution from half the limit */
	const plainCautionH = limitH / 2;
	switch (facts.content) {
		case 'raw-meat':
			if (facts.state === 'thawed') {
				if (worst > worstLimitH)
					add('refused', 'hours-in-danger-worst', { likely, worst, limitH: worstLimitH });
				else if (likely > limitH || worst > spanOfCaution * worstLimitH) {
					add('caution', 'hours-in-danger', { likely, worst, limitH });
					add('caution', 'first-hour-high');
				}
			} else {
				add('caution', 'thaw-first');
				add('caution', 'hot-liquid');
				if (facts.thicknessM > flatM + 1e-9)
					add('caution', 'only-flat', { thicknessM: facts.thicknessM, limitM: flatM });
				if (facts.massKg > lightKg + 1e-9)
					add('caution', 'only-light', { massKg: facts.massKg, limitKg: lightKg });
				// thicker or heavier than a flat pack, fewer hours are allowed: no size is refused at a stroke, and none is let off
				const allowedH =
					limitH *
					Math.min(1, flatM / facts.thicknessM) ** 2 *
					Math.min(1, lightKg / facts.massKg) ** 2;
				if (worst > allowedH)
					add('refused', 'hours-in-danger-worst', { likely, worst, limitH: allowedH });
			}
			break;
		case 'cooked':
			add('caution', facts.inPan ? 'reheat-in-oven' : 'reheat-fast-first');
			if (likely > limitH) add('refused', 'hours-in-danger', { likely, worst, limitH });
			break;
		case 'plain':
			if (facts.state === 'thawed' && waitingH === 0) break;
			if (likely > limitH) add('refused', 'hours-in-danger', { likely, worst, limitH });
			else if (likely > plainCautionH)
				add('caution', 'hours-in-danger', { likely, worst, limitH: plainCautionH });
			break;
	}
	if (waitingH > 0 && facts.content !== 'plain')
		add(waitingH > leftOutH ? 'refused' : 'caution', 'waits-warm', { waitingH, limitH: leftOutH });
	return { advice, reasons };
}
