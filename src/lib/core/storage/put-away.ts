import { loadKgPerL } from '../menu/day-totals.ts';
import { requireRange } from '../require-range.ts';

export interface PutAwayShelf {
	id: number;
	/** litres packs can fill */
	usableL: number;
	storedL: number;
}
export interface NewPack {
	massKg: number;
	volumeL: number;
}
export interface PutAway {
	/** by pack, in the order given: the shelf, or null where there is no room */
	shelfIds: (number | null)[];
	/** packs that wait a day in the refrigerator: more would warm what is frozen */
	waits: number[];
	/** what the freezer still takes today, kg */
	loadLeftKg: number;
}

/** Kilograms of unfrozen food a freezer still takes within 24 hours (NCHFP, 32 g per litre, the stricter end). */
export function loadLeftKg(freezer: { volumeL: number }, addedIn24hKg: number): number {
	return Math.max(0, requireRange('volumeL', freezer.volumeL, 1, 5000) * loadKgPerL - addedIn24hKg);
}

/**
 * The day on which each pack goes into the freezers, in their order: as many kilograms a day as they take, the first day what is left
 * of it. A pack heavier than a day's worth goes alone. 0 is the first day.
 */
export function freezingDays(
	packsKg: readonly number[],
	{ perDayKg, leftKg }: { perDayKg: number; leftKg: number }
): number[] {
	let [day, roomKg] = [0, leftKg];
	return packsKg.map((kg) => {
		if (kg > roomKg + 1e-9 && roomKg < perDayKg) {
			day++;
			roomKg = perDayKg;
		}
		roomKg -= kg;
		return day;
	});
}

/**
 * Where new packs go in one freezer: the shelf with most room left first, so that they lie apart until frozen, and which of them
 * wait because the freezer takes no more within 24 hours.
 */
export function putAway(input: {
	freezer: { volumeL: number };
	shelves: readonly PutAwayShelf[];
	addedIn24hKg: number;
	packs: readonly NewPack[];
}): PutAway {
	let leftKg = loadLeftKg(input.freezer, input.addedIn24hKg);
	const freeL = new Map(input.shelves.map(({ id, usableL, storedL }) => [id, usableL - storedL]));
	const waits: number[] = [];
	const shelfIds = input.packs.map((pack, index) => {
		if (pack.massKg > leftKg + 1e-9) {
			waits.push(index);
			return null;
		}
		const [best] = [...freeL].sort(([, a], [, b]) => b - a);
		if (!best || best[1] < pack.volumeL) return null;
		leftKg -= pack.massKg;
		freeL.set(best[0], best[1] - pack.volumeL);
		return best[0];
	});
	return { shelfIds, waits, loadLeftKg: leftKg };
}
