import type { Shown } from '../shown.ts';

export const fill = {
	title: (name: Shown) => `Fill ${name} · Almacen`,
	heading: (name: Shown) => `Fill: ${name}`,
	link: 'Fill them, step by step',
	step: (n: Shown, of: Shown) => `Step ${n} of ${of}`,
	done: 'Done, next',
	back: 'One back',
	label: 'Stick the labels on while bags and lids are dry and warm.',
	codes: (codes: Shown) => `Codes: ${codes}`,
	holdBag: 'Stand the bag in a jug or holder, its rim folded out so that it stays clean.',
	openBox: 'Set out the containers, lids beside them.',
	rawHands:
		'Raw meat or fish: everything you will touch is laid out, then hands in. Wash hands and board afterwards.',
	whole: (mass: Shown) => `Ladle ${mass} into each, pieces and liquid alike.`,
	layer: (n: Shown, text: Shown) => `Layer ${n}: ${text}`,
	roles: {
		'thin-liquid': 'thin liquid',
		heavy: 'heavy',
		light: 'light',
		thick: 'thick or dairy: on top, not stirred'
	},
	pressureOrder:
		'For the pressure cooker thin liquid is at the bottom and what is thick or holds dairy on top: do not stir.',
	inner: (text: Shown) => `Own small bag inside: ${text}`,
	kept: (text: Shown) => `Keep back for the day, do not put in: ${text}`,
	headspace: (mm: Shown) => `Leave ${mm} free below the rim: it grows as it freezes.`,
	headspaceTitle: 'Headspace',
	headspaceRule:
		'Liquid or semi-liquid packs: wide mouth ½ inch up to a pint, 1 inch above; narrow mouth ¾ and 1½ inches; dry packs ½ inch.',
	air: 'Press the air out from the bottom up, then close.',
	glass:
		'Glass: let it cool fully, leave the headspace, no sudden warmth later. Freezing in jars is not canning.',
	double: 'It has bones: a second bag around it.',
	doubleTravels: 'If it is to travel: a second bag around it.',
	weigh: 'Weigh each pack.',
	weighed: (code: Shown) => `Pack ${code}`,
	uneven: (percent: Shown) => `They differ by ${percent} %: move a ladle over if it matters.`,
	even: 'Even portions.',
	flat: (thick: Shown) => `Lay it flat on a tray, ${thick} thick, single until frozen; then stack.`,
	stand: 'Level, apart from each other until frozen; then close together.',
	place: (where: Shown) => `Into the freezer: ${where}.`,
	finish: 'Mark them frozen',
	finished: 'They are marked frozen.'
};
