import { applianceNames } from '../../../core/appliances/index.ts';
import { bowlFields } from '../../../schemas/bowl-fields.ts';
import type { InferType } from 'yup';
import type { Bowl } from '../../../core/index.ts';
import { adoptedLimits, type TightenedLimits } from '../../../core/rules/index.ts';
import type { appliancesSchema, kitchenSchema, rulesSchema } from '../../../schemas/household.ts';
import type { Db } from '../../db/db.ts';
import { getHousehold, type Household } from '../../queries/household.ts';
import { saveHousehold } from '../../writes/household.ts';
import { undoable } from '../../undo/undoable.ts';

type Values = Record<string, string | number | undefined>;

function bowlOf(values: Values, prefix: string): Bowl | undefined {
	const names = bowlFields(prefix);
	const lengthM = values[names.lengthM] as number | undefined;
	const depthM = values[names.depthM] as number | undefined;
	if (lengthM === undefined || depthM === undefined) return undefined;
	const kind = values[names.kind] === 'oval' ? 'oval' : 'round';
	const widthM = (values[names.widthM] as number | undefined) ?? lengthM;
	return { kind, lengthM, widthM: kind === 'round' ? lengthM : widthM, depthM };
}

/** The kitchen form as columns. */
export function kitchenValues(form: InferType<ReturnType<typeof kitchenSchema>>) {
	return form as Pick<
		Household,
		| 'system'
		| 'temperature'
		| 'clock'
		| 'dayOrder'
		| 'currency'
		| 'altitudeM'
		| 'roomC'
		| 'refrigeratorC'
		| 'timeZone'
	>;
}

/** The appliances form as columns; what was measured stays measured while its power is left alone. */
export function applianceValues(
	form: InferType<ReturnType<typeof appliancesSchema>>,
	now: Pick<Household, 'slowCooker' | 'pressureCooker' | 'oven'>
): Pick<Household, 'slowCooker' | 'pressureCooker' | 'oven' | 'owned'> {
	const v = form as Record<string, unknown> as Values;
	const watts = (key: string) => v[key] as number | undefined;
	const { boilL, boilMin } = form;
	return {
		owned: {
			appliances: applianceNames.filter((name) => v[`owned-${name}`]),
			microwaveW: watts('microwaveW'),
			...(boilL && boilMin && { boil: { litres: boilL, minutes: boilMin } })
		},
		oven: { ...now.oven, preheatMin: v.ovenPreheatMin as number | undefined },
		slowCooker: {
			volumeL: form.slowVolumeL,
			effectiveLowW: watts('slowLowW'),
			effectiveHighW: watts('slowHighW'),
			measured: now.slowCooker.measured && now.slowCooker.effectiveLowW === watts('slowLowW'),
			bowl: bowlOf(v, 'slow')
		},
		pressureCooker: {
			volumeL: form.pressureVolumeL,
			powerW: watts('pressurePowerW'),
			measured:
				now.pressureCooker.measured && now.pressureCooker.powerW === watts('pressurePowerW'),
			bowl: bowlOf(v, 'pressure')
		}
	};
}

/** The house rules form as columns; only what is tighter than adopted is kept. */
export function ruleValues(
	form: InferType<ReturnType<typeof rulesSchema>>,
	temperature: Household['temperature']
): Pick<Household, 'leads' | 'houseMonths' | 'labelNutrition' | 'limits'> {
	const asked: TightenedLimits = {
		firstGateMin: form.firstGateMin,
		secondGateMin: form.secondGateMin,
		dangerH: form.dangerMin / 60,
		coreAddedK: temperature === 'f' ? form.coreAddedK / 1.8 : form.coreAddedK
	};
	const names = Object.keys(adoptedLimits) as (keyof typeof adoptedLimits)[];
	return {
		leads: form.leads as Household['leads'],
		houseMonths: form.houseMonths ?? null,
		labelNutrition: form.labelNutrition,
		limits: Object.fromEntries(
			names.flatMap((name) => (asked[name] === adoptedLimits[name] ? [] : [[name, asked[name]]]))
		)
	};
}

/** Saves household settings, keeping what they were. */
export async function changeHousehold(
	db: Db,
	values: Partial<Household>,
	nowMs: number
): Promise<void> {
	const house = await getHousehold(db);
	const names = Object.keys(values) as (keyof Household)[];
	const before = Object.fromEntries(names.map((name) => [name, house[name]])) as Partial<Household>;
	const action = { kind: 'household-changed', before } as const;
	await undoable(db, { action, what: '', atMs: nowMs }, async (tx) => {
		await saveHousehold(tx, values);
		return true;
	});
}

/** The first steps of a new household: what was there before was only what is usual, so there is no line to take it back. */
export const settle = saveHousehold;
