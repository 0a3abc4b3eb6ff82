import type { Shown } from '../shown.ts';

const counted = (cooks: Shown) => (cooks === 1 ? 'one cook' : `${cooks} cooks`);

export const measure = {
	reading: 'Reading what your cooks say of your appliances …',
	learned: 'From your own cooks',
	learnedSlow: (cooks: Shown, percent: Shown) =>
		`Slow cooker: ${counted(cooks)} with a measured core: it heats with ${percent} % of what is reckoned with.`,
	learnedOven: (cooks: Shown, kelvin: Shown) =>
		`Oven: ${counted(cooks)} with a measured core: its air is off by ${kelvin} from what is reckoned with.`,
	learnedHow:
		'Each cook counts once and the usual values once; from two cooks on the ranges narrow. Using it can be taken back.',
	learnedNone:
		'No cook was written down yet whose measured core says something of the slow cooker or oven: mark a pack cooked on the Table and write how it went.',
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
