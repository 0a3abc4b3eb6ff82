import type { Shown } from '../shown.ts';

export const strip = {
	thaws: (name: Shown) => `${name} · thawing`,
	look: 'look whether it is thawed',
	cookNow: 'cook now',
	thawedIn: (time: Shown) => `free of ice in ${time}`,
	cookBy: (time: Shown) => `cook by ${time}`,
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
