import { containers } from '../../../core/published/index.ts';
import { type CookCard, type Route, routesFrom, thawRoutes } from '../../../core/serving/index.ts';
import type { StockPack } from '../../queries/packs.ts';

/** The ways a pack gets into an appliance from where it is now. */
export const routesNow = (
	pack: Pick<StockPack, 'status' | 'pulledAtMs' | 'thawPlace' | 'packing' | 'own'>,
	card: Pick<CookCard, 'options' | 'softened' | 'thaw'>,
	nowMs: number
): Route[] =>
	routesFrom(
		thawRoutes(card, {
			inPan: containers[pack.packing.container].pan,
			massKg: pack.own.massKg
		}),
		pack,
		nowMs
	);
