import { Body, facesIn, type Faces } from '../../heat/body.ts';
import { extremesC } from '../../heat/extremes.ts';
import type { Fineness } from '../../heat/grid.ts';
import { checkedShape } from '../../heat/shape.ts';
import type { Kitchen } from '../../kitchen/appliance-parameters.ts';
import { airPressureKPa } from '../../water/air-pressure.ts';
import { boilingC } from '../../water/saturation.ts';
import type { RunningCook } from './running-cook.ts';
import { Doneness, leastOf, mostOf } from './doneness.ts';
import { bodySoFar, takeInto, type FoodSoFar } from './food-so-far.ts';
import type { CookedPiece } from './load.ts';
import type { PotTables } from './pot.ts';

/** Still air on a dish that is off the heat, W/m²K (docs/numbers.md). */
const stillAirWPerM2K = { side: 9, bottom: 9, top: 9 };

/** A bake in its pan, or one of the pieces on a tray: no pool, its faces see the air of the oven, nothing passes boiling. */
export class AirBody implements RunningCook {
	minute = 0;
	private readonly body: Body;
	private readonly doneness: Doneness;
	private readonly faces: Faces;
	private readonly roomFaces: Faces;
	private readonly capC: number;
	private extremes: { coldestC: number; warmestC: number };

	constructor(input: {
		piece: CookedPiece;
		/** of the air or steam around it */
		ambientC: number;
		/** heat transfer of its faces, W/m²K */
		surface: Record<'side' | 'bottom' | 'top', number>;
		/** factor on heat transfer, 1 as likely */
		h01?: number;
		kitchen: Kitchen;
		fineness: Fineness;
		tables: PotTables;
	}) {
		const { surface } = input;
		const f = input.h01 ?? 1;
		this.body = new Body(
			checkedShape(input.piece.shape),
			input.tables.thermal,
			input.piece.startC,
			input.fineness
		);
		this.doneness = new Doneness(this.body, input.tables.rates);
		this.faces = facesIn(
			{ side: surface.side * f, bottom: surface.bottom * f, top: surface.top * f },
			input.ambientC
		);
		this.roomFaces = facesIn(stillAirWPerM2K, input.kitchen.roomC);
		this.capC = boilingC(airPressureKPa(input.kitchen.altitudeM));
		this.extremes = extremesC(this.body);
	}

	step(dtS: number): void {
		this.through(dtS, this.faces);
	}

	/** In still air as warm as the room. */
	rest(dtS: number): void {
		this.through(dtS, this.roomFaces);
	}

	private through(dtS: number, faces: Faces): void {
		this.body.step(dtS, faces);
		this.body.cap(this.capC);
		this.minute += dtS / 60;
		this.doneness.add(dtS / 60);
		this.extremes = extremesC(this.body);
	}

	/** What goes with the food when it is moved elsewhere. */
	food(): FoodSoFar {
		return { ...bodySoFar(this.body, this.doneness), liquidC: this.body.meanC() };
	}

	/** Goes on with food that was begun elsewhere. */
	takeOver(from: FoodSoFar): void {
		takeInto({ cells: this.body, doneness: this.doneness }, from);
		this.extremes = extremesC(this.body);
	}

	/** There is no pool: the mean of the dish. */
	get liquidC() {
		return this.body.meanC();
	}
	get coldestC() {
		return this.extremes.coldestC;
	}
	get warmestC() {
		return this.extremes.warmestC;
	}
	get meanC() {
		return this.body.meanC();
	}
	get coldestCookMin() {
		return leastOf(this.doneness.cookMin);
	}
	get meanCookMin() {
		return this.doneness.meanCookMin();
	}
	get lethality70Min() {
		return leastOf(this.doneness.lethalMin);
	}
	get hazardH() {
		return mostOf(this.doneness.dangerMin) / 60;
	}
	readonly poolHazardH = 0;
}
