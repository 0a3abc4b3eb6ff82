export type Advice = 'good' | 'caution' | 'refused';

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
	'reheat-slow',
	'too-full',
	'under-half-full',
	'more-than-the-bowl',
	'more-than-fits',
	'block-too-big',
	'never-ready',
	'may-not-finish',
	'not-in-pressure-cooker',
	'poor-in-slow-cooker',
	'not-for-this-food',
	'braise-open',
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
	'ends-too-soon',
	'not-on-hob',
	'bath-too-cool',
	'below-core',
	'stir-and-stand',
	'divide',
	'only-heats',
	'bath-slow',
	'one-layer',
	'turn-once',
	'instead'
] as const;
export type ReasonCode = (typeof reasonCodes)[number];

export interface Reason {
	code: ReasonCode;
	values?: Record<string, number>;
}

const order: readonly Advice[] = ['good', 'caution', 'refused'];
export const worse = (a: Advice, b: Advice): Advice =>
	order[Math.max(order.indexOf(a), order.indexOf(b))];
