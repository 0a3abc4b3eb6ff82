import { type LabelPaper, labelPapers, tenderC } from '../../../core/published/index.ts';
import { labelContent, type LabelContent } from '../../../labels/label-content.ts';
import type { Habit } from '../../../present/habit.ts';
import type { LabelSetup } from '../../db/schema/index.ts';
import type { Compute } from '../../core-worker.ts';
import { cardOfToday, ownCardInput } from './card-of-today.ts';
import { own } from '../../own.ts';
import type { Db } from '../../db/db.ts';
import { packsByCode, packsOfPacking, type PackWithCard } from '../../queries/packs.ts';

/** The packs an address asks for: `?packing=ID`, or `?codes=A,B,C`; several of each may be given. */
export async function askedPacks(
	db: Db,
	compute: Compute,
	query: URLSearchParams
): Promise<PackWithCard[]> {
	const codes = (query.get('codes') ?? '').split(',').filter(Boolean).slice(0, 1000);
	const id = Number(query.get('packing'));
	const packs = codes.length
		? await packsByCode(db, codes)
		: Number.isInteger(id) && id > 0
			? await packsOfPacking(db, id)
			: [];
	return Promise.all(
		packs.map(async (pack) => {
			const input = ownCardInput(pack);
			if (!input) return pack;
			const card = await cardOfToday(compute, input);
			return { ...pack, packing: { ...pack.packing, card } };
		})
	);
}

/** What a pack's label says, from its cook card. */
export function labelOf(pack: PackWithCard, habit: Habit): LabelContent {
	const { packing } = pack;
	return labelContent(
		{
			...packing,
			code: pack.code,
			number: pack.number,
			of: pack.of,
			massKg: pack.own.massKg,
			servings: pack.own.servings,
			pieces: packing.pieces && {
				...packing.pieces,
				count: Math.max(1, Math.round((packing.pieces.count * pack.own.massKg) / packing.massKg))
			},
			thicknessM: pack.own.block.thicknessM,
			dishName: pack.name,
			bestBy: pack.bestBy,
			tenderC: pack.dish && packing.state === 'raw' ? tenderC(pack.dish.kind) : null,
			addOnDay: pack.addOnDay,
			serveWith: pack.serveWith,
			ahead: pack.status === 'reserved'
		},
		habit
	);
}

/** A label paper by its key: one that is sold everywhere, or the household's own. Null when there is none. */
export function paperOf(key: string | null, setup: LabelSetup): LabelPaper | null {
	if (key === null) return null;
	return own(labelPapers, key) ?? own(setup.own ?? {}, key) ?? null;
}

/** The paper in force: as asked, as used last, or the usual one of the household's part of the world. */
export function paperKey(asked: string | null, setup: LabelSetup, habit: Habit): string {
	for (const key of [asked, setup.paper ?? null]) if (key && paperOf(key, setup)) return key;
	return habit.system === 'us' ? 'letter-2x3' : 'a4-2x4';
}

export const offsetOf = (setup: LabelSetup) => ({
	xMm: setup.offsetXMm ?? 0,
	yMm: setup.offsetYMm ?? 0
});

/** Plain paper of the household's part of the world. */
export const plainPage = (habit: Habit) =>
	habit.system === 'us' ? { widthMm: 215.9, heightMm: 279.4 } : { widthMm: 210, heightMm: 297 };
