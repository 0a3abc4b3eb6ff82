import {
	convertCook,
	convertSteps,
	type ConvertInput,
	type CookOption
} from '../cooking/conversion/convert-cook.ts';
import { freezingTime } from '../freezing/freezing-time.ts';
import { softenedC, thawingTime } from '../freezing/thawing-time.ts';
import { waterRefusal } from './cold-water.ts';

/** Raised when the model changes what it answers, so that kept cards can be told from today's. */
export const modelVersion = 3;

/** Everything the table needs of one pack, computed when it is packed and kept with its inputs. */
export interface CookCard {
	readonly modelVersion: number;
	readonly targetCookMin: { from: number; to: number };
	readonly options: CookOption[];
	/** ways from softened in cold water until it bends; none for what may not go there */
	readonly softened: CookOption[];
	readonly freezeMin: number | null;
	readonly thaw: {
		refrigerator: { pliableMin: number | null; thawedMin: number | null };
		/** `warmMin`: its surface is above 5 °C from then on; a card kept by an older version has none */
		coldWater: { pliableMin: number | null; thawedMin: number | null; warmMin?: number | null };
	};
}

export interface CookCardInput {
	convert: ConvertInput;
	freezerC: number;
	refrigeratorC: number;
	coldWaterC: number;
}

/** The cook card of a pack. Throws coded errors for broken input. */
export function cookCard(input: CookCardInput): CookCard {
	const { food, block } = input.convert;
	const thaw = (place: 'refrigerator' | 'cold-water', placeC: number) =>
		thawingTime({ food, shape: block, startC: input.freezerC, place, placeC });
	const coldWater = thaw('cold-water', input.coldWaterC);
	const refused = waterRefusal(input.convert.pan !== undefined, {
		min: coldWater.pliableMin,
		warmMin: coldWater.warmMin,
		massKg: input.convert.massKg / (input.convert.blockCount ?? 1)
	});
	const softened =
		refused === null
			? [...convertSteps({ ...input.convert, frozenStartC: softenedC(food) }, ['frozen'])]
			: [];
	return {
		modelVersion,
		...convertCook(input.convert),
		softened: softened.flatMap((step) => (step.kind === 'option' ? [step.option] : [])),
		freezeMin: freezingTime({ food, shape: block, startC: 5, freezerC: input.freezerC })
			.durationMin,
		thaw: {
			refrigerator: thaw('refrigerator', input.refrigeratorC),
			coldWater
		}
	};
}
