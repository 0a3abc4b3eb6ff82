import type { CookOption } from '../cooking/conversion/convert-cook.ts';
import type { State } from '../appliances/index.ts';
import type { CookCard } from './cook-card.ts';
import { waterRefusal, type WaterRefusal } from './cold-water.ts';
import type { RouteName } from './route-name.ts';

export interface Route {
	name: RouteName;
	state: State;
	/** likely minutes before it goes into the appliance; null: it never gets there */
	beforeMin: number | null;
	/** why this route is no good; its ways are not offered */
	refused: WaterRefusal | null;
	options: CookOption[];
}

/** The four routes of a pack, with its ways to cook by each. */
export function thawRoutes(
	card: Pick<CookCard, 'options' | 'softened' | 'thaw'>,
	/** what is put into the water: one pack */
	pack: { inPan: boolean; massKg: number }
): Route[] {
	const { coldWater, refrigerator } = card.thaw;
	const water = (min: number | null) =>
		waterRefusal(pack.inPan, { min, warmMin: coldWater.warmMin, massKg: pack.massKg });
	const of = (state: State) => card.options.filter((option) => option.state === state);
	return [
		{ name: 'frozen', state: 'frozen', beforeMin: 0, refused: null, options: of('frozen') },
		{
			name: 'softened',
			state: 'frozen',
			beforeMin: coldWater.pliableMin,
			refused: water(coldWater.pliableMin),
			// a card kept by an older version has none
			options: card.softened ?? []
		},
		{
			name: 'cold-water',
			state: 'thawed',
			beforeMin: coldWater.thawedMin,
			refused: water(coldWater.thawedMin),
			options: of('thawed')
		},
		{
			name: 'refrigerator',
			state: 'thawed',
			beforeMin: refrigerator.thawedMin,
			refused: null,
			options: of('thawed')
		}
	];
}
