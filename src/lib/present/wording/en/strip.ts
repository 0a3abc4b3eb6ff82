import type { Shown } from '../shown.ts';

export const strip = {
	runningClocks: 'Running clocks',
	about: (a: Shown) => `about ${a}`,
	cold: ', cold',
	nothingIsCooling: 'Nothing is cooling.',
	gatePassedBy: 'gate passed by',
	gateIn: 'gate in',
	measureNow: 'measure now',
	reheat: 'reheat now',
	discard: 'discard'
};
