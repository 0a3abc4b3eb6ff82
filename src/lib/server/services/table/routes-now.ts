import { containers } from '../../../core/published/containers.ts';
import type { CookCard } from '../../../core/serving/cook-card.ts';
import { routesFrom } from '../../../core/serving/routes-from.ts';
import { thawRoutes, type Route } from '../../../core/serving/thaw-routes.ts';
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
