/** What makes packs one row of a list: of one packing, of one size, with one date, in one place. */
export interface OfBatch {
	id: number;
	packingId: number;
	servings: number;
	massKg: number;
	bestBy: string | null;
	shelfId: number;
}

export interface Batch<T> {
	first: T;
	packs: T[];
}

/** Packs by batch, in the order of each batch's first; a pack that was split or moved stands by itself. */
export function batchesOf<T extends OfBatch>(lines: readonly T[]): Batch<T>[] {
	const batches = new Map<string, Batch<T>>();
	for (const line of lines) {
		const { packingId, servings, massKg, bestBy, shelfId } = line;
		const key = [packingId, servings, Math.round(massKg * 50), bestBy, shelfId].join(' ');
		const batch = batches.get(key);
		if (batch) batch.packs.push(line);
		else batches.set(key, { first: line, packs: [line] });
	}
	return [...batches.values()];
}
