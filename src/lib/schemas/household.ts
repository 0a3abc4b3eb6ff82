import { bowlFields } from './bowl-fields.ts';
import * as w from '../present/wording/index.ts';
import * as yup from 'yup';
import { tempText, type Habit } from '../present/units.ts';
import { type ApplianceName, applianceNames } from '../core/appliances/index.ts';
import { freezerKinds } from '../core/published/index.ts';
import { adoptedLimits, tightestLimits } from '../core/rules/index.ts';
import { amount, oneOf, text, wholeNumber, ticked } from './fields.ts';

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
		system: oneOf(['metric', 'us'], w.householdChecks.units).required(
			w.householdChecks.unitsMissing
		),
		temperature: oneOf(['c', 'f'], w.householdChecks.temperature).required(
			w.householdChecks.temperatureMissing
		),
		clock: oneOf(['24', '12'], w.householdChecks.clock).required(w.householdChecks.clockMissing),
		dayOrder: oneOf(['dmy', 'mdy', 'ymd'], w.householdChecks.dates).required(
			w.householdChecks.datesMissing
		),
		currency: yup
			.string()
			.trim()
			.transform((typed: string | undefined) => (typed ? typed.toUpperCase() : null))
			.nullable()
			.default(null)
			.test(
				'currency',
				w.householdChecks.currency,
				(value) => !value || Intl.supportedValuesOf('currency').includes(value)
			),
		altitudeM: amount('altitude', habit, {
			label: w.householdChecks.altitude,
			min: -400,
			max: 5000
		}).required(w.householdChecks.altitudeMissing),
		roomC: amount('temperature', habit, {
			label: w.householdChecks.kitchen,
			min: 5,
			max: 40
		}).required(w.householdChecks.kitchenMissing),
		refrigeratorC: amount('temperature', habit, {
			label: w.householdChecks.refrigerator,
			min: 0,
			max: 8
		}).required(w.householdChecks.refrigeratorMissing),
		timeZone: text(w.householdChecks.timeZone, 60)
			.required('Time zone: for example Europe/Zurich.')
			.test('zone', w.householdChecks.timeZoneUnknown, (value) => !value || isTimeZone(value))
	});
}

/** A bowl's inner measures; blank ones mean it was not measured. */
function bowlShape<const P extends string>(prefix: P, label: string, habit: Habit) {
	const side = (name: string, min: number, max: number) =>
		amount('length', habit, {
			label: w.householdChecks.bowlPart({ cooker: label, part: name }),
			min,
			max
		});
	const names = bowlFields(prefix);
	return {
		[names.kind]: oneOf(bowlKinds, w.householdChecks.bowl({ cooker: label })),
		[names.lengthM]: side('length', 0.08, 0.6),
		[names.widthM]: side('width', 0.08, 0.6),
		[names.depthM]: side('depth', 0.05, 0.4)
	};
}

interface Typed {
	boilMin?: number;
	[owned: `owned-${string}`]: boolean | undefined;
}

/** A tick for each appliance; without any there is nothing to cook in. */
function ownedFields() {
	const field = (name: ApplianceName) =>
		name === applianceNames[0]
			? ticked().test(
					'one',
					w.applianceFields.ownedNone,
					(value, { parent }) =>
						Boolean(value) || applianceNames.some((one) => (parent as Typed)[`owned-${one}`])
				)
			: ticked();
	return Object.fromEntries(applianceNames.map((name) => [`owned-${name}`, field(name)])) as Record<
		`owned-${ApplianceName}`,
		ReturnType<typeof ticked>
	>;
}

/** Slow cooker and pressure cooker. Blank amounts mean "as usual for its size". */
export function appliancesSchema(habit: Habit) {
	return yup.object({
		slowVolumeL: amount('volume', habit, {
			label: w.householdChecks.slowCooker,
			min: 1,
			max: 12
		}).required(w.householdChecks.slowCookerMissing),
		slowLowW: amount('power', habit, {
			label: w.householdChecks.slowCookerLow,
			min: 40,
			max: 600
		}),
		slowHighW: amount('power', habit, {
			label: w.householdChecks.slowCookerHigh,
			min: 60,
			max: 800
		}),
		...bowlShape('slow', w.householdChecks.slowCooker, habit),
		pressureVolumeL: amount('volume', habit, {
			label: w.householdChecks.pressureCooker,
			min: 2,
			max: 15
		}).required(w.householdChecks.pressureCookerMissing),
		pressurePowerW: amount('power', habit, {
			label: w.householdChecks.pressurePower,
			min: 300,
			max: 3000
		}),
		...bowlShape('pressure', w.householdChecks.pressureCooker, habit),
		ovenPreheatMin: amount('minutes', habit, {
			label: w.applianceFields.preheat,
			min: 0,
			max: 60
		}),
		...ownedFields(),
		microwaveW: amount('power', habit, {
			label: w.applianceFields.microwaveW,
			min: 300,
			max: 1600
		}),
		boilL: amount('volume', habit, { label: w.applianceFields.boilL, min: 0.25, max: 6 }).test(
			'both',
			w.applianceFields.boilBoth,
			(value, { parent }) => (value === undefined) === ((parent as Typed).boilMin === undefined)
		),
		boilMin: amount('minutes', habit, { label: w.applianceFields.boilMin, min: 1, max: 60 })
	});
}

/** Choices and limits of the household; limits can be tightened, never loosened. */
export function rulesSchema(habit: Habit) {
	const loosest = (what: string) => w.householdChecks.onlyTighter({ label: what });
	const { firstGateMin, secondGateMin, dangerH, coreAddedK } = adoptedLimits;
	const tight = tightestLimits;
	return yup.object({
		leads: oneOf(['best-by', 'good-to'], w.householdChecks.leads).required(
			w.householdChecks.leadsMissing
		),
		houseMonths: wholeNumber({ label: w.householdChecks.houseMonths, min: 1, max: 12 }),
		labelNutrition: ticked(),
		firstGateMin: amount('minutes', habit, {
			label: loosest(w.householdChecks.firstGate),
			min: tight.firstGateMin,
			max: firstGateMin
		}).required(w.householdChecks.firstGateMissing),
		secondGateMin: amount('minutes', habit, {
			label: loosest(w.householdChecks.secondGate),
			min: tight.secondGateMin,
			max: secondGateMin
		}).required(w.householdChecks.secondGateMissing),
		dangerMin: amount('minutes', habit, {
			label: loosest(w.householdChecks.slowCooker),
			min: tight.dangerH * 60,
			max: dangerH * 60
		}).required(w.householdChecks.dangerMissing),
		coreAddedK: wholeNumber({
			label: w.householdChecks.coreTemperatures,
			min: coreAddedK,
			max: habit.temperature === 'f' ? tight.coreAddedK * 1.8 : tight.coreAddedK
		}).required(w.householdChecks.coreMissing)
	});
}

/** A freezer and its shelves, one name a line. */
export function freezerSchema(habit: Habit) {
	return yup.object({
		name: text(w.householdChecks.freezer, 60).required(w.householdChecks.freezerMissing),
		volumeL: amount('room', habit, { label: w.householdChecks.room, min: 5, max: 1500 }).required(
			w.householdChecks.roomMissing
		),
		setC: amount('temperature', habit, {
			label: w.householdChecks.setTo,
			min: -40,
			max: -6
		}).required(w.householdChecks.setToMissing({ tempC: tempText(-18, habit) })),
		kind: oneOf(freezerKinds, w.freezerFields.kind).default('upright'),
		shelves: text(w.householdChecks.shelves, 600).required(w.householdChecks.shelvesMissing)
	});
}
