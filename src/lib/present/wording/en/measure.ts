import type { Shown } from '../shown.ts';

export const measure = {
	title: 'Measure your appliances',
	pageTitle: 'Measure · Almacen',
	why: 'Two slow cookers of one size differ by a third. A simple test narrows every time that is computed with yours.',
	household: 'The household',
	slowCooker: 'Slow cooker: the water test',
	slowHow:
		'Cold water, lid on, LOW. After some hours lift the lid for a moment and measure in the middle.',
	water: 'Water',
	waterStart: 'Cold water was at',
	hours: 'After',
	waterNow: 'It is now at',
	useIt: 'Use it',
	slowFound: (low: Shown, usual: Shown) =>
		`On low it puts ${low} W into the pot; usual for its size: ${usual} W.`,
	slowNone:
		'Water now: no slow cooker of this size does that. Was the lid on, the setting LOW, the thermometer in the water?',
	measured: 'measured',
	notMeasured: 'not measured: as usual for its size',
	pressureCooker: 'Pressure cooker: the come-up',
	pressureHow: 'Cold water only, lid locked. Count from switching on until it is at pressure.',
	comeUp: 'At pressure after',
	pressureFound: (power: Shown) => `Its power is about ${power} W.`,
	pressureNone:
		'At pressure after: no pressure cooker of this size does that. Was it only water, and cold?',
	oven: 'Oven: the true air',
	ovenHow:
		'Set it, wait half an hour, and read an oven thermometer in the middle of the empty oven.',
	ovenSet: 'Set to',
	ovenTrue: 'The thermometer says',
	ovenFan: 'a fan moves the air',
	ovenFound: (offset: Shown) => `Its air is ${offset} against what is set.`,
	ovenSame: 'Its air is what is set.',
	needed: (label: Shown) => `${label}: measure it.`,
	newPacks:
		'Packs made from now on are computed with it; cards of packs in the freezer keep what was known then.'
};
