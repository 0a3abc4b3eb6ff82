import { type CoolingWay, coolingWayNames } from '../../../core/cooling/index.ts';
import { limitsFrom } from '../../../core/rules/index.ts';
import { airPressureKPa, boilingC } from '../../../core/water/index.ts';
import type {
	ChosenCooling,
	CoolingOption,
	DayCooling,
	DayDish,
	RunSheet
} from '../../../core/schedule/index.ts';
import { isHot } from '../../../core/steps/index.ts';
import { dishKinds, placeL } from '../../../core/published/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Household } from '../../db/schema/household.ts';
import { dishesOfDay, type DayDishRow } from '../../queries/days.ts';
import { getDishes, type Dish } from '../../queries/dishes.ts';
import type { Db } from '../../db/db.ts';
import { piecesOfDish } from '../dishes/pieces-of-dish.ts';
import { stepLines, stepsOfDish } from '../dishes/steps-of-dish.ts';
import { packedKgOf } from './packed-kg.ts';

/** A big pot's inside, and a baking pan's, metres (judgement). */
const pot = { kind: 'pot', diameterM: 0.24 } as const;
const pan = { kind: 'pan', lengthM: 0.32, widthM: 0.22 } as const;
/** Litres in one pan: 5 cm deep. */
const panL = 3.5;
/** The counter alone never gets food cold, and hot bags warm a freezer: they are shown when ways are compared, not planned. */
const plannedWays = coolingWayNames.filter(
	(name) => name !== 'pot-counter' && name !== 'portions-freezer'
);

export interface PlannedDish {
	row: DayDishRow;
	dish: Dish;
}

export async function plannedDishes(db: Db, dayId: number): Promise<PlannedDish[]> {
	const rows = await dishesOfDay(db, dayId);
	const ids = rows.map(({ dishId }) => dishId);
	return withDishes(rows, await getDishes(db, ids));
}

/** Rows of a day with their dishes. */
export const withDishes = <T extends { dishId: number }>(
	rows: readonly T[],
	dishes: ReadonlyMap<number, Dish>
): { row: T; dish: Dish }[] =>
	rows.flatMap((row) => {
		const dish = dishes.get(row.dishId);
		return dish ? [{ row, dish }] : [];
	});

/** Litres of all batches that are packed. */
export const litresOf = ({ row, dish }: PlannedDish): number =>
	(packedKgOf(dish) * row.batches * 1000) / dish.facts.densityKgPerM3;

export const packsOf = ({ row }: PlannedDish): number =>
	row.portions.reduce((sum, { packs }) => sum + packs, 0);

/** What a dish's cooling is computed for, one pot's worth; null when nothing of it gets hot. */
export function coolingQuestion(planned: PlannedDish, house: Household) {
	const { dish } = planned;
	if (!stepsOfDish(dish).some(isHot)) return null;
	const litres = litresOf(planned);
	const baked = dishKinds[dish.kind].inPan;
	const pots = Math.max(1, Math.ceil(litres / (baked ? panL : placeL.burner) - 1e-9));
	return {
		pots,
		input: {
			food: dish.facts.food,
			vessel: baked ? pan : pot,
			litres: litres / pots,
			startC: Math.floor(boilingC(airPressureKPa(house.altitudeM))) - 2,
			roomC: house.roomC,
			refrigeratorC: house.refrigeratorC,
			limits: limitsFrom(house.limits)
		}
	};
}

const coolingOf = (way: CoolingWay, pots: number, of: string, byCook: boolean): ChosenCooling => ({
	way: way.name,
	byCook,
	vessel: way.vesselKind,
	vessels: way.vessels * pots,
	verdict: way.verdict,
	minutes: Math.max(1, Math.round(way.coldMin ?? Infinity)),
	iceKg: way.iceKg === null ? null : way.iceKg * pots,
	of
});

/** The ways the day's hot dishes are cooled: as chosen and computed before, anew where something has changed. */
export async function dayCoolings(
	compute: Compute,
	planned: readonly PlannedDish[],
	house: Household,
	before: RunSheet['cooling']
): Promise<RunSheet['cooling']> {
	const chosen: RunSheet['cooling'] = {};
	for (const one of planned) {
		const question = coolingQuestion(one, house);
		if (!question) continue;
		const old = before[one.dish.id];
		const names = old?.byCook ? [old.way] : plannedWays;
		const of = JSON.stringify([question, names]);
		if (old?.of === of) {
			chosen[one.dish.id] = old;
			continue;
		}
		const ask = (asked: readonly CoolingWay['name'][]) =>
			compute('cooling-choice', { ...question.input, names: [...asked] });
		chosen[one.dish.id] = coolingOf(await ask(names), question.pots, of, old?.byCook ?? false);
	}
	return chosen;
}

/** The same with every way that passes, for dishes whose way the cook has not chosen: what a day chooses among. */
export async function withOptions(
	compute: Compute,
	planned: readonly PlannedDish[],
	house: Household,
	chosen: RunSheet['cooling'],
	wanted: () => boolean
): Promise<RunSheet['cooling']> {
	const found = { ...chosen };
	for (const one of planned) {
		const own = chosen[one.dish.id];
		const question = coolingQuestion(one, house);
		if (!own || own.byCook || own.options || !question || !wanted()) continue;
		const { ways } = await compute('cooling-ways', { ...question.input, names: plannedWays });
		found[one.dish.id] = {
			...own,
			options: ways
				.filter((way) => way.verdict === 'pass' && !way.tooMuchForRefrigerator)
				.map((way) => {
					const { minutes, iceKg, vessels = 1 } = coolingOf(way, question.pots, own.of, false);
					return { way: way.name, minutes, iceKg, vessels };
				})
		};
	}
	return found;
}

/** What the day chooses among, as it is planned with. */
export function coolingOptions(
	planned: readonly PlannedDish[],
	cooling: RunSheet['cooling']
): Record<string, CoolingOption[]> {
	return Object.fromEntries(
		planned.flatMap((one) => {
			const own = cooling[one.dish.id];
			if (!own?.options?.length || own.byCook) return [];
			const litres = litresOf(one);
			const options = own.options.map((figures) => ({
				way: figures.way,
				iceKg: figures.iceKg,
				cooling: coolingBy(figures, litres)
			}));
			return [[`${one.dish.id}`, options]];
		})
	);
}

const waterWays: ReadonlySet<CoolingWay['name']> = new Set<CoolingWay['name']>([
	'pot-tap-then-ice',
	'pot-ice-bath',
	'pot-ice-bath-stirred',
	'bags-ice-water'
]);

/** What the run sheet takes of a chosen way; null when it never gets cold that way. */
const runCooling = (chosen: ChosenCooling | undefined, litres: number): DayCooling | null =>
	chosen && Number.isFinite(chosen.minutes) ? coolingBy(chosen, litres) : null;

function coolingBy(
	{ way, minutes, vessels = 1 }: Pick<ChosenCooling, 'way' | 'minutes' | 'vessels'>,
	litres: number
): DayCooling {
	const inWater = waterWays.has(way);
	const inRefrigerator = way === 'pot-refrigerator' || way === 'wide-dishes-refrigerator';
	return {
		minutes,
		resource: inWater ? 'ice-bath' : inRefrigerator ? 'refrigerator' : null,
		amount: inRefrigerator ? Math.ceil(litres * 10) / 10 : 1,
		vessels,
		packedFirst: way === 'bags-ice-water' || way === 'portions-freezer',
		stirred: way === 'pot-ice-bath-stirred'
	};
}

/** Pieces of all batches that are frozen apart; null when none are. */
const allPieces = ({ dish, row }: PlannedDish): number | null => {
	const pieces = piecesOfDish(dish);
	const frozen = row.portions.some(({ to }) => to === 'freezer' || to === 'given');
	return pieces && frozen ? pieces.count * row.batches : null;
};

/** The day's dishes as the run sheet plans them. */
export const dayDishesOf = (
	planned: readonly PlannedDish[],
	cooling: RunSheet['cooling']
): DayDish[] =>
	planned.map((one) => ({
		id: one.dish.id,
		name: one.dish.name,
		state: one.dish.state,
		batches: one.row.batches,
		steps: stepsOfDish(one.dish),
		lines: stepLines(one.dish),
		litres: litresOf(one),
		packs: packsOf(one),
		pieces: allPieces(one),
		cooling: runCooling(cooling[one.dish.id], litresOf(one))
	}));
