import { twoHours } from '../rules/two-hours.ts';
import { adoptedLimits } from '../rules/limits.ts';

/** What may still be done with food that lay in an appliance that was not on. */
export interface NeverOn {
	outcome: 'cook-now' | 'discard';
	/** hours it may lie so in all */
	limitH: number;
	/** how long it lay so at most: nobody knows for how much of it */
	outH: number;
	/** until when it may be begun in an appliance that heats fast; null: not any more */
	untilMs: number | null;
}

/**
 * Food that was put into an appliance which was never switched on, or went off: it counts as out of the refrigerator from the moment it
 * was put in, frozen or not, since nobody knows better: two hours (USDA FSIS), of what has no meat, fish, egg, dairy, rice or pulses in it
 * as long as the household's limit in the danger range.
 */
export function neverOn(input: {
	content: 'raw-meat' | 'cooked' | 'plain';
	inAtMs: number;
	nowMs: number;
	/** the household's own limit, hours; default as adopted */
	dangerH?: number;
}): NeverOn {
	const limitH =
		input.content === 'plain' ? (input.dangerH ?? adoptedLimits.dangerH) : twoHours.outH;
	const outH = Math.max(0, input.nowMs - input.inAtMs) / 3_600_000;
	const fine = outH <= limitH;
	return {
		outcome: fine ? 'cook-now' : 'discard',
		limitH,
		outH,
		untilMs: fine ? input.inAtMs + limitH * 3_600_000 : null
	};
}
