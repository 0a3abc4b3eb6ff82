import { pullTimes, type PullTimes, type ThawPlace } from '../../../core/rules/index.ts';
import type { Db } from '../../db/db.ts';
import { packsByCode, packsIn, type Packing, type PackWithCard } from '../../queries/packs.ts';
import { keepsDaysOf, thawMinutes } from './change-packs.ts';

export interface ThawingPack extends PullTimes {
	code: string;
	name: string;
	place: ThawPlace;
}

/** Packs that are out to thaw, with their clocks; the first to cook first. */
export async function thawingPacks(db: Db): Promise<ThawingPack[]> {
	const rows = await packsIn(db, 'thawing');
	if (rows.length === 0) return [];
	const packs = await packsByCode(
		db,
		rows.map(({ code }) => code)
	);
	return packs
		.map((pack) => ({
			code: pack.code,
			name: pack.name,
			place: pack.thawPlace ?? 'refrigerator',
			...pullOf(pack)!
		}))
		.sort((a, b) => (a.cookByMs ?? 0) - (b.cookByMs ?? 0));
}

/** The clocks of a pack that is out to thaw; null when it is not. */
export const pullOf = (
	pack: Pick<PackWithCard, 'status' | 'thawPlace' | 'pulledAtMs'> & {
		packing: Pick<Packing, 'card' | 'cookedOn' | 'packedOn' | 'storage'>;
	}
): PullTimes | null =>
	pack.status === 'thawing'
		? pullTimes({
				place: pack.thawPlace ?? 'refrigerator',
				sinceMs: pack.pulledAtMs ?? 0,
				...thawMinutes(pack),
				keepsDays: keepsDaysOf(pack)
			})
		: null;
