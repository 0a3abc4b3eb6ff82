import { requireRange } from '../require-range.ts';

export type Sureness = 'hint' | 'likely' | 'sure';

/**
 * How sure it is that something happens more often than `than01`, seen so many times of so many: the share above it of the Beta
 * distribution that a uniform prior becomes (Bayes and Laplace; its tail is the binomial sum, Abramowitz and Stegun 26.5.24). Throws a
 * coded error for counts that are none.
 */
export function oftener01(times: number, of: number, than01: number): number {
	requireRange('of', of, 0, 1_000_000);
	requireRange('times', times, 0, of);
	// at most `times` of of + 1 throws; as logarithms, which hold chances too small for a number
	const throws = of + 1;
	let logChance = throws * Math.log1p(-than01);
	let sum = Math.exp(logChance);
	for (let n = 1; n <= times; n++) {
		logChance += Math.log(((throws - n + 1) / n) * (than01 / (1 - than01)));
		sum += Math.exp(logChance);
	}
	return Math.min(1, sum);
}

/** Below this nothing is said. */
const least01 = 0.68;

/** In words how sure it is; null: too little to say anything. */
export function surenessOf(times: number, of: number, than01 = 0.5): Sureness | null {
	const sure01 = oftener01(times, of, than01);
	return sure01 < least01 || times < 2
		? null
		: sure01 >= 0.95
			? 'sure'
			: sure01 >= 0.85
				? 'likely'
				: 'hint';
}
