import { putAway, type PutAway, type PutAwayShelf } from '../storage/put-away.ts';
import { isWholePiece, kindHandling } from '../foods/kind-handling.ts';
import { requireRange } from '../require-range.ts';
import { storageLife, type StoredPart } from '../storage/storage-life.ts';
import { containers, type ContainerKey } from '../published/containers.ts';
import type { DishKind } from '../published/dish-kinds.ts';
import { headspaceMm } from './headspace.ts';

/** A frozen block as it lies: its footprint and how thick it is, metres. */
export interface Block {
	lengthM: number;
	widthM: number;
	thicknessM: number;
}

/** Thickest block that is reckoned with, metres. */
export const thickestM = 0.3;
const thinnestM = 0.002;
/** Pieces and air make a block up to so many times its own volume; much smaller than its food it cannot be. */
const heldShare = { least: 0.7, most: 2.5 };
const grain = 1e-9;

export type BlockPlan =
	| { readonly outcome: 'planned'; readonly block: Block }
	/** more than the container holds, or than is reckoned with on the footprint; `mostKg` is the most that fits */
	| { readonly outcome: 'too-much'; readonly field: 'massKg'; readonly mostKg: number }
	/** a measured block would weigh something else altogether */
	| { readonly outcome: 'other-weight'; readonly field: 'thicknessM'; readonly heldKg: number };

/**
 * The block a weight makes in a container: what the cook measured of it leads, the rest follows from volume over footprint.
 * Throws coded errors outside 1 g to 25 kg.
 */
export function planBlock(input: {
	massKg: number;
	densityKgPerM3: number;
	container: ContainerKey;
	/** as measured, metres */
	measured?: { lengthM?: number; widthM?: number; thicknessM?: number };
}): BlockPlan {
	const massKg = requireRange('massKg', input.massKg, 0.001, 25);
	const { densityKgPerM3, measured = {} } = input;
	const box = containers[input.container];
	const lengthM = measured.lengthM ?? box.lengthM;
	const widthM = measured.widthM ?? box.widthM;
	const perM = lengthM * widthM * densityKgPerM3;
	if (measured.thicknessM !== undefined) {
		const heldKg = perM * measured.thicknessM;
		if (measured.thicknessM > thickestM)
			return { outcome: 'too-much', field: 'massKg', mostKg: perM * thickestM };
		if (heldKg < heldShare.least * massKg || heldKg > heldShare.most * massKg)
			return { outcome: 'other-weight', field: 'thicknessM', heldKg };
		return planned({ lengthM, widthM, thicknessM: measured.thicknessM });
	}
	const ownFootprint = measured.lengthM !== undefined || measured.widthM !== undefined;
	const mostKg = ownFootprint
		? Math.min(perM * thickestM, (box.volumeL / 1000) * densityKgPerM3)
		: perM * box.mostM;
	if (massKg > mostKg * (1 + grain)) return { outcome: 'too-much', field: 'massKg', mostKg };
	return planned({ lengthM, widthM, thicknessM: massKg / perM });
}

const planned = (block: Block): BlockPlan => ({
	outcome: 'planned',
	block: { ...block, thicknessM: Math.max(thinnestM, block.thicknessM) }
});

/** A roast's or a bird's sides against the side of a cube of its volume (loads that common practice is checked with). */
const pieceSides = [1.485, 1.048, 1 / (1.485 * 1.048)] as const;

/** A whole piece in its own shape, by its weight: how a roast lies before anybody has measured it. */
export function pieceBlock(massKg: number, densityKgPerM3: number): Block {
	const sideM = Math.cbrt(massKg / densityKgPerM3);
	const [lengthM, widthM, thicknessM] = pieceSides.map((of) => of * sideM);
	return { lengthM, widthM, thicknessM };
}

/** What is larger than any container lies on the largest footprint there is. Its thickness is bounded by what is reckoned with. */
export function lumpBlock(massKg: number, densityKgPerM3: number): Block {
	const { lengthM, widthM } = containers['pan-30'];
	return {
		lengthM,
		widthM,
		thicknessM: Math.min(thickestM, massKg / densityKgPerM3 / (lengthM * widthM))
	};
}

/** Keeping time of a pack, with the day that leads on its label. */
export interface PackLife extends ReturnType<typeof storageLife> {
	/** the day on the label: as the cook set it, else as computed and the house rule says */
	bestBy: string | null;
	computedBestBy: string | null;
	bestBySet: boolean;
}

const noLife: ReturnType<typeof storageLife> = {
	bestBy: null,
	goodTo: null,
	months: null,
	limitingPart: null,
	unknownParts: [],
	source: 'house-rule'
};

/** How long a pack keeps, by what is in it, its freezer and the house rule that leads. Throws `bad-day`. */
export function planLife(input: {
	parts: StoredPart[];
	packedOn: string;
	/** false: nobody knows when it was frozen, so no day is computed */
	dayKnown?: boolean;
	freezerC?: number;
	houseMonths?: number | null;
	leads: 'best-by' | 'good-to';
	/** a day set by the cook or the maker */
	bestBy?: string;
}): PackLife {
	const { parts, packedOn, freezerC, dayKnown = true } = input;
	const life =
		parts.length > 0
			? storageLife({ parts, packedOn, freezerC, houseMonths: input.houseMonths ?? undefined })
			: noLife;
	const computed = input.leads === 'good-to' ? life.goodTo : life.bestBy;
	const computedBestBy = dayKnown ? computed : null;
	return {
		...life,
		goodTo: dayKnown ? life.goodTo : null,
		bestBy: input.bestBy ?? computedBestBy,
		computedBestBy,
		bestBySet: input.bestBy !== undefined
	};
}

export type PackPlan =
	| {
			readonly outcome: 'planned';
			readonly block: Block;
			/** millimetres to leave free above the food */
			readonly headspaceMm: number;
			readonly life: PackLife;
			/** where the packs lie, and which wait; null when no freezer was named */
			readonly putAway: PutAway | null;
	  }
	| Exclude<BlockPlan, { outcome: 'planned' }>;

export interface PackPlanInput {
	massKg: number;
	densityKgPerM3: number;
	kind: DishKind;
	container: ContainerKey;
	measured?: { lengthM?: number; widthM?: number; thicknessM?: number };
	life: Parameters<typeof planLife>[0];
	/** the freezer they go to, and how many packs */
	into?: {
		freezer: { volumeL: number; shelves: readonly PutAwayShelf[] };
		count: number;
		addedIn24hKg: number;
	};
}

/**
 * What a portion becomes in a container: block, headspace, best-by, and what waits for the freezer; or the refusal with the most
 * that fits. The page, the service behind it, labels printed ahead and "write down what is there" all ask here.
 */
export function packPlan(input: PackPlanInput): PackPlan {
	const planned = planBlock(input);
	if (planned.outcome !== 'planned') return planned;
	const measured = Object.values(input.measured ?? {}).some((value) => value !== undefined);
	const ownShape =
		!measured && !containers[input.container].rigid && isWholePiece(input.kind, input.life.parts);
	const block = ownShape ? pieceBlock(input.massKg, input.densityKgPerM3) : planned.block;
	const box = containers[input.container];
	return {
		outcome: 'planned',
		block,
		headspaceMm: headspaceMm({ ...box, liquid: kindHandling[input.kind].runs }),
		life: planLife(input.life),
		putAway: input.into
			? putAway({
					freezer: input.into.freezer,
					shelves: input.into.freezer.shelves,
					addedIn24hKg: input.into.addedIn24hKg,
					packs: Array.from({ length: input.into.count }, () => ({
						massKg: input.massKg,
						volumeL: block.lengthM * block.widthM * block.thicknessM * 1000
					}))
				})
			: null
	};
}
