import type { CookingState } from './cooking-state.ts';
import type { FoodSoFar } from './food-so-far.ts';
import type { Pot, PotControl } from './pot.ts';

/** A cook that goes on: switched on as it is set, or off. */
export interface RunningCook extends CookingState {
	/** so many seconds, switched on */
	step(dtS: number): void;
	/** so many seconds, switched off and left to itself */
	rest(dtS: number): void;
	/** so many seconds kept warm, where it can */
	keepWarm?(dtS: number): void;
	/** what goes with the food when it is moved elsewhere */
	food(): FoodSoFar;
	/** goes on with food that was begun elsewhere */
	takeOver(from: FoodSoFar): void;
	/** closed and heated to a pressure: held there, released and rested by its own phases */
	readonly atPressure?: { readonly pot: Pot; readonly powerW: number; readonly targetC: number };
}

/** A pot that is heated the same way from the first minute to the last, or as `control` says. */
export class PotCook implements RunningCook {
	protected readonly pot: Pot;
	private readonly control: () => PotControl;

	constructor(pot: Pot, control: PotControl | (() => PotControl)) {
		this.pot = pot;
		this.control = typeof control === 'function' ? control : () => control;
	}

	step(dtS: number): void {
		this.pot.step(dtS, this.control());
	}
	rest(dtS: number): void {
		this.pot.step(dtS, { powerW: 0 });
	}
	food() {
		return this.pot.food();
	}
	takeOver(from: FoodSoFar): void {
		this.pot.takeOver(from);
	}
	get minute() {
		return this.pot.minute;
	}
	get liquidC() {
		return this.pot.liquidC;
	}
	get coldestC() {
		return this.pot.coldestC;
	}
	get warmestC() {
		return this.pot.warmestC;
	}
	get meanC() {
		return this.pot.meanC;
	}
	get coldestCookMin() {
		return this.pot.coldestCookMin;
	}
	get meanCookMin() {
		return this.pot.meanCookMin;
	}
	get lethality70Min() {
		return this.pot.lethality70Min;
	}
	get hazardH() {
		return this.pot.hazardH;
	}
	get poolHazardH() {
		return this.pot.poolHazardH;
	}
}

/** Steps a cook on, no further than so many minutes from its start. */
export function stepTo(
	cook: RunningCook,
	toMin: number,
	by: { stepS: number; how?: 'on' | 'off' | 'warm'; onStep?: () => void }
): void {
	while (cook.minute < toMin - 1e-9) {
		const dtS = Math.min(by.stepS, (toMin - cook.minute) * 60);
		if (by.how === 'warm' && cook.keepWarm) cook.keepWarm(dtS);
		else if (by.how === 'off' || by.how === 'warm') cook.rest(dtS);
		else cook.step(dtS);
		by.onStep?.();
	}
}
