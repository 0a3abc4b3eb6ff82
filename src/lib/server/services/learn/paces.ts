import { type ApplianceName, applianceOf, type Method } from '../../../core/appliances/index.ts';
import { burnerHighW } from '../../../core/kitchen/index.ts';
import { grouped } from '../../../core/grouped.ts';
import {
	applianceKey,
	type MeasuredCook,
	type Pace,
	paceOf
} from '../../../core/learning/index.ts';
import { asIf, lyingBy, stateOf } from '../../../core/serving/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import { inputsOfCooks, measuredCooks, type MeasuredCookRow } from '../../queries/learn.ts';
import { setForecasts } from '../../writes/cooks.ts';

/** One that the household measured is known better. */
const measuredSpread = 0.19;
/** The latest cooks say most of how an appliance is now; of all together no more are read. */
const mostEach = 24;
const mostRead = 300;

/** An appliance with the cooks that say how it keeps time, the newest first. */
export interface AppliancePace {
	appliance: ApplianceName;
	pace: Pace | null;
	rests: (MeasuredCookRow & { forecastMin: number })[];
}

/** The appliances of a household as a card asks for them. */
const appliancesNow = ({ slowCooker, pressureCooker, oven, owned }: Household) => ({
	slowCooker,
	pressureCooker,
	oven,
	burnerHighW: owned.boil && burnerHighW(owned.boil)
});

const keyNow = (house: Household, method: Method) => applianceKey(appliancesNow(house), method);

/** How each appliance keeps time against what is computed for its kind; forecasts that were never made, or with another appliance, are made here. */
export async function appliancePaces(
	db: Db,
	compute: Compute,
	house: Household
): Promise<AppliancePace[]> {
	const { owned } = house;
	const counted = (await measuredCooks(db, mostRead)).filter(
		({ method, atMs }) => atMs > (owned.forgotten?.[method.appliance] ?? 0)
	);
	const by = [...grouped(counted, ({ method }) => method.appliance)].map(
		([appliance, all]) => [appliance, all.slice(0, mostEach)] as const
	);
	const rows = by.flatMap(([, all]) => all);
	const fresh = await withForecasts(db, compute, house, rows);
	return by.map(([appliance, all]) => {
		const rests = all.flatMap((row) => {
			const forecastMin = fresh.has(row.id) ? fresh.get(row.id) : row.forecastMin;
			return forecastMin ? [{ ...row, forecastMin }] : [];
		});
		const spread = isMeasured(house, appliance)
			? measuredSpread
			: applianceOf({ appliance }).paceSpread;
		const seen = rests
			.map(({ forecastMin, setMin: actualMin }) => ({ forecastMin, actualMin }))
			.reverse();
		return { appliance, pace: paceOf(seen, { spread }), rests };
	});
}

/** Whether the household has measured what an appliance really does. */
const isMeasured = (house: Household, appliance: ApplianceName): boolean =>
	applianceOf({ appliance }).ownOf?.(house)?.measured === true;

/** Forecasts of cooks that have none with the appliances as they are, made and kept. */
async function withForecasts(
	db: Db,
	compute: Compute,
	house: Household,
	rows: readonly MeasuredCookRow[]
): Promise<Map<number, number | null>> {
	const open = rows.filter(({ method, withAppliance }) => withAppliance !== keyNow(house, method));
	if (open.length === 0) return new Map();
	const inputs = new Map(
		(
			await inputsOfCooks(
				db,
				open.map(({ id }) => id)
			)
		).map((row) => [row.id, row])
	);
	const asked = open.flatMap(({ id }) => {
		const row = inputs.get(id);
		return row?.cardInput && row.coreC !== null
			? [{ id, cook: { ...cookNow(house, row), coreC: row.coreC } }]
			: [];
	});
	const minutes = await compute(
		'forecasts',
		asked.map(({ cook }) => cook)
	);
	const made = asked.map(({ id, cook }, i) => ({
		id,
		forecastMin: minutes[i],
		withAppliance: keyNow(house, cook.method)
	}));
	const answered = new Set(made.map(({ id }) => id));
	const unknown = open
		.filter(({ id }) => !answered.has(id))
		.map(({ id, method }) => ({ id, forecastMin: null, withAppliance: keyNow(house, method) }));
	await setForecasts(db, [...made, ...unknown]);
	return new Map([...made, ...unknown].map(({ id, forecastMin }) => [id, forecastMin]));
}

type CookInput = Awaited<ReturnType<typeof inputsOfCooks>>[number];

/** A cook as it would be asked of today's appliances. */
export function cookNow(
	house: Household,
	{ cardInput, assumed, method, route, setMin }: Omit<CookInput, 'coreC'>
): Omit<MeasuredCook, 'coreC'> {
	if (!cardInput) throw new Error('a cook without what lay in the appliance');
	const packed = { ...cardInput.convert, ...appliancesNow(house) };
	const convert = lyingBy(route, assumed ? asIf(packed, assumed) : packed);
	return { convert, method, state: stateOf(route), setMin };
}
