import * as yup from 'yup';
import { tempText, type Habit } from '../present/units.ts';
import { adoptedLimits, tightestLimits } from '../core/safety/limits.ts';
import { amount, oneOf, text, wholeNumber } from './fields.ts';

const bowlKinds = ['round', 'oval'] as const;

function isTimeZone(zone: string): boolean {
	try {
		new Intl.DateTimeFormat('en', { timeZone: zone });
		return true;
	} catch (error) {
		if (error instanceof RangeError) return false;
		throw error;
	}
}

/** Where the kitchen is and how the household reads amounts, days and clocks. */
export function kitchenSchema(habit: Habit) {
	return yup.object({
		system: oneOf(['metric', 'us'], 'Units').required('Units: metric or US?'),
		temperature: oneOf(['c', 'f'], 'Temperature').required('Temperature: °C or °F?'),
		clock: oneOf(['24', '12'], 'Clock').required('Clock: 18:30 or 6:30 pm?'),
		dayOrder: oneOf(['dmy', 'mdy', 'ymd'], 'Dates').required('Dates: in which order?'),
		altitudeM: amount('altitude', habit, { label: 'Altitude', min: -400, max: 5000 }).required(
			'Altitude: 0 at the sea; it sets where water boils.'
		),
		roomC: amount('temperature', habit, { label: 'Kitchen', min: 5, max: 40 }).required(
			'Kitchen: its usual temperature.'
		),
		refrigeratorC: amount('temperature', habit, { label: 'Refrigerator', min: 0, max: 8 }).required(
			'Refrigerator: its usual temperature.'
		),
		timeZone: text('Time zone', 60)
			.required('Time zone: for example Europe/Zurich.')
			.test(
				'zone',
				'Time zone: not one that is known; write it as Europe/Zurich.',
				(value) => !value || isTimeZone(value)
			)
	});
}

/** A bowl's inner measures; blank ones mean it was not measured. */
function bowlFields<const P extends string>(prefix: P, label: string, habit: Habit) {
	const side = (name: string, min: number, max: number) =>
		amount('length', habit, { label: `${label}: bowl ${name}`, min, max });
	return {
		[`${prefix}BowlKind`]: oneOf(bowlKinds, `${label}: bowl`),
		[`${prefix}BowlLengthM`]: side('length', 0.08, 0.6),
		[`${prefix}BowlWidthM`]: side('width', 0.08, 0.6),
		[`${prefix}BowlDepthM`]: side('depth', 0.05, 0.4)
	};
}

/** Slow cooker and pressure cooker. Blank amounts mean "as usual for its size". */
export function appliancesSchema(habit: Habit) {
	return yup.object({
		slowVolumeL: amount('volume', habit, { label: 'Slow cooker', min: 1, max: 12 }).required(
			'Slow cooker: its size.'
		),
		slowLowW: amount('power', habit, { label: 'Slow cooker on low', min: 40, max: 600 }),
		slowHighW: amount('power', habit, { label: 'Slow cooker on high', min: 60, max: 800 }),
		...bowlFields('slow', 'Slow cooker', habit),
		pressureVolumeL: amount('volume', habit, {
			label: 'Pressure cooker',
			min: 2,
			max: 15
		}).required('Pressure cooker: its size.'),
		pressurePowerW: amount('power', habit, { label: 'Pressure cooker power', min: 300, max: 3000 }),
		...bowlFields('pressure', 'Pressure cooker', habit)
	});
}

/** Choices and limits of the household; limits can be tightened, never loosened. */
export function rulesSchema(habit: Habit) {
	const loosest = (what: string) => `${what}: it can be tightened, not loosened;`;
	const { firstGateMin, secondGateMin, dangerH, coreAddedK } = adoptedLimits;
	const tight = tightestLimits;
	return yup.object({
		leads: oneOf(['best-by', 'good-to'], 'On the label').required('On the label: which end?'),
		houseMonths: wholeNumber({ label: 'House months', min: 1, max: 12 }),
		firstGateMin: amount('minutes', habit, {
			label: loosest('First gate'),
			min: tight.firstGateMin,
			max: firstGateMin
		}).required('First gate: how long at most?'),
		secondGateMin: amount('minutes', habit, {
			label: loosest('Second gate'),
			min: tight.secondGateMin,
			max: secondGateMin
		}).required('Second gate: how long at most?'),
		dangerMin: amount('minutes', habit, {
			label: loosest('Slow cooker'),
			min: tight.dangerH * 60,
			max: dangerH * 60
		}).required('Slow cooker: how long at most?'),
		coreAddedK: wholeNumber({
			label: 'Core temperatures',
			min: coreAddedK,
			max: habit.temperature === 'f' ? tight.coreAddedK * 1.8 : tight.coreAddedK
		}).required('Core temperatures: 0 adds nothing.')
	});
}

/** A freezer and its shelves, one name a line. */
export function freezerSchema(habit: Habit) {
	return yup.object({
		name: text('Freezer', 60).required('Freezer: what do you call it?'),
		volumeL: amount('volume', habit, { label: 'Room', min: 5, max: 1500 }).required(
			'Room: how much does it hold?'
		),
		setC: amount('temperature', habit, { label: 'Set to', min: -40, max: -6 }).required(
			`Set to: usually ${tempText(-18, habit)}.`
		),
		shelves: text('Shelves', 600).required('Shelves: at least one name, one a line.')
	});
}
