import type { Shown } from '../shown.ts';

export const routes = {
	title: (serve: Shown) => `Ways to have it on the table by ${serve}`,
	how: 'Choose a row to see its ways below. Cold water: sealed bag, water changed every half hour, cook at once.',
	frozen: 'straight from frozen',
	softened: 'cold water until it bends',
	coldWater: 'cold water until no ice is left',
	refrigerator: 'thawed in the refrigerator',
	lasts: (min: Shown) => `about ${min}`,
	never: 'does not thaw there',
	pan: 'A pan does not go into cold water: glass and lids do not take it.',
	tooLong: 'Over four hours in water: too long for food to be above 5 °C.',
	startBy: (at: Shown) => `start ${at}`,
	outBy: (at: Shown) => `out ${at}`,
	earliest: (at: Shown) => `not before ${at}`,
	refused: 'refused',
	computing: 'computing'
};
