import type { Shown } from '../shown.ts';

export const packPlan = {
	container: 'Container',
	fits: (litres: Shown) => `Each portion is about ${litres}.`,
	others: 'Other containers',
	headspace: (mm: Shown) => `leave ${mm} free`,
	full: (percent: Shown) => `${percent} % full`,
	tooSmall: 'too small',
	left: (n: Shown) => `${n} left`,
	thick: (mm: Shown) => `${mm} thick`,
	notEnough: (n: Shown) => `only ${n} left`,
	shapes: 'Shape it freezes in',
	shape: 'Shape',
	freeze: 'Frozen through',
	thaw: 'Thawed, refrigerator',
	water: 'Thawed, cold water',
	fitSlow: 'Slow cooker',
	fitPressure: 'Pressure cooker',
	fitWords: { yes: 'fits', no: 'does not fit', unknown: 'bowl not measured' },
	forms: {
		flat: 'laid flat on a tray',
		upright: 'standing upright',
		'as-is': 'as it stands',
		'slow-cooker-bowl': 'in the slow cooker’s bowl, lined with a bag',
		'pressure-cooker-bowl': 'in the pressure cooker’s pot, lined with a bag'
	},
	computing: 'Computing hours …',
	failed: 'The hours could not be computed; everything else is right.',
	never: 'never',
	apart:
		'Pieces that are to come out one by one: freeze them apart on a tray first, then fill the bag.',
	whyTitle: 'Hours to freeze and thaw',
	whyRule:
		'The heat model for this food and shape, single, from 5 °C: until the warmest point is at −10 °C; thawed until no ice is left.',
	ahead: 'Labels first: print them now, fill later',
	wait: (n: Shown, freezer: Shown) =>
		`${n} of them wait in the refrigerator until tomorrow: ${freezer} takes no more today.`,
	noWait: (freezer: Shown) => `${freezer} takes them all today.`,
	noRoom: 'By the list there is not room for all of them.',
	boughtFrozen: (lines: Shown) => `Bought frozen: ${lines}`,
	boughtFrozenHint: 'Raw food thawed outside the refrigerator is not frozen again.',
	boughtFrozenAnswers: {
		'still-frozen': 'still frozen when it went in',
		refrigerator: 'thawed in the refrigerator',
		otherwise: 'thawed otherwise'
	},
	cookedHint: 'if that was before today: days in the refrigerator count after thawing'
};
