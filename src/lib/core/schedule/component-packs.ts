/** A frozen pack that stands for a catalogue item in other dishes: diced onion, stock. */
export interface ComponentPack {
	code: string;
	dish: string;
	itemName: string;
	massKg: number;
	/** YYYY-MM-DD; null: not known, used first */
	bestBy: string | null;
	/** taken out for this day already */
	taken: boolean;
}

/**
 * The packs of components to take out of the freezer for a day: of each item that is needed, those already taken, then use-first,
 * until what is needed beyond the cupboard is covered or there are no more.
 */
export function packsToTakeOut(input: {
	needKg: Readonly<Record<string, number>>;
	cupboardKg: Readonly<Record<string, number>>;
	packs: readonly ComponentPack[];
}): ComponentPack[] {
	return Object.entries(input.needKg).flatMap(([itemName, needKg]) => {
		let openKg = needKg - (input.cupboardKg[itemName] ?? 0);
		return input.packs
			.filter((pack) => pack.itemName === itemName)
			.sort(
				(a, b) =>
					Number(b.taken) - Number(a.taken) ||
					(a.bestBy ?? '').localeCompare(b.bestBy ?? '') ||
					a.code.localeCompare(b.code)
			)
			.filter((pack) => {
				const wanted = pack.taken || openKg > 1e-6;
				if (wanted) openKg -= pack.massKg;
				return wanted;
			});
	});
}

/** The tick of a pack that is taken out of the freezer. */
export const takeOutKey = (code: string): string => `take:${code}`;
