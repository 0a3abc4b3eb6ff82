import {
	convertCook,
	convertSteps,
	type ConvertInput,
	type CookOption,
	type Spread
} from '../cooking/conversion/convert-cook.ts';
import { freezingTime } from '../freezing/freezing-time.ts';
import { thawingTime } from '../freezing/thawing-time.ts';
import { lyingBy } from './lying-by.ts';
import { waterRefusal } from './cold-water.ts';

/** Raised when the model changes what it answers, so that kept cards can be told from today's. */
export const modelVersion = 4;

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
	/** only its name, weight and shape are known: its ranges are wider */
	rough?: boolean;
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
		refused === null ? [...convertSteps(lyingBy('softened', input.convert), ['frozen'])] : [];
	const { targetCookMin, options } = convertCook(input.convert);
	const ofSoftened = softened.flatMap((step) => (step.kind === 'option' ? [step.option] : []));
	const ranged = input.rough ? (all: CookOption[]) => all.map(wider) : (all: CookOption[]) => all;
	return {
		modelVersion,
		targetCookMin,
		options: ranged(options),
		softened: ranged(ofSoftened),
		freezeMin: freezingTime({ food, shape: block, startC: 5, freezerC: input.freezerC })
			.durationMin,
		thaw: {
			refrigerator: thaw('refrigerator', input.refrigeratorC),
			coldWater
		}
	};
}

/** How much wider the ranges are where a dish is known by its name alone (judgement: kinds and compositions differ by that much). */
const rough = { from: 0.8, to: 1.3 } as const;

function wider(option: CookOption): CookOption {
	const wide = (range: Spread | null): Spread | null =>
		range && {
			from: range.from * rough.from,
			likely: range.likely,
			to: range.to * rough.to
		};
	return {
		...option,
		setMin: wide(option.setMin),
		totalMin: wide(option.totalMin),
		computedMin: wide(option.computedMin)
	};
}
