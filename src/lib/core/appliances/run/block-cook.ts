import { foodFromSpec } from '../../foods/food-spec.ts';
import type { FoodSoFar } from './food-so-far.ts';
import type { Load } from './load.ts';
import type { Pot, PotControl, PotTables } from './pot.ts';
import { PotCook } from './running-cook.ts';
import type { Fineness } from '../../heat/grid.ts';

/** What a block lies as once it has come apart. */
export interface Apart {
	load: Load;
	tables: PotTables | null;
	fineness: Fineness;
}

/** No ice is left from so much above the freezing point on, K (docs/numbers.md). */
const freeOfIceK = 0.3;

/** A pot with a block in it that comes apart when no ice is left in it: conduction until then, pieces or one stirred pool after. */
export class BlockCook extends PotCook {
	private apart: Apart | null;
	private readonly freeC: number;
	private readonly asBlock: PotControl;
	private readonly asApart: PotControl;

	constructor(pot: Pot, control: PotControl, apart: Apart | null, asApart: PotControl = control) {
		super(pot, () => (this.apart ? this.asBlock : this.asApart));
		this.apart = apart;
		this.asBlock = control;
		this.asApart = asApart;
		this.freeC =
			apart && pot.foodSpec ? foodFromSpec(pot.foodSpec).freezingC + freeOfIceK : -Infinity;
	}

	override step(dtS: number): void {
		super.step(dtS);
		this.comeApart();
	}

	override takeOver(from: FoodSoFar): void {
		super.takeOver(from);
		this.comeApart();
	}

	private comeApart(): void {
		if (!this.apart || this.pot.coldestC < this.freeC) return;
		const { load, tables, fineness } = this.apart;
		this.apart = null;
		this.pot.comeApart(load, tables, fineness);
	}
}
