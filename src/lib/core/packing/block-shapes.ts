import { blockFitsBowl } from '../appliances/run/fit.ts';
import { CoreError } from '../errors.ts';
import type { FoodSpec } from '../foods/food-spec.ts';
import { freezingTime } from '../freezing/freezing-time.ts';
import { thawingTime } from '../freezing/thawing-time.ts';
import type { Shape } from '../heat/shape.ts';
import type { Bowl } from '../kitchen/appliance-parameters.ts';
import { requireRange } from '../require-range.ts';
import { pieceBlock } from './pack-plan.ts';
import { containers, type ContainerKey } from '../published/containers.ts';

export type FormName =
	'own' | 'flat' | 'upright' | 'as-is' | 'slow-cooker-bowl' | 'pressure-cooker-bowl';

export interface BlockForm {
	name: FormName;
	shape: Shape;
	/** null: that bowl was never measured */
	fitsSlowCooker: boolean | null;
	fitsPressureCooker: boolean | null;
}

/** A bag that stands keeps this share of its breadth when it is filled (judgement). */
const standing01 = 0.8;

/**
 * Shapes a portion can freeze in: a bag laid flat on a tray or standing upright, any other container as it stands, and the
 * cooker's own bowl lined with a bag where the bowl was measured. The footprint of the bowl is taken at nine tenths, so that the
 * block goes back in.
 */
export function blockForms(input: {
	massKg: number;
	densityKgPerM3: number;
	container: ContainerKey;
	slowCookerBowl?: Bowl;
	pressureCookerBowl?: Bowl;
	/** a roast or a whole bird: it keeps its own shape in a bag, and is not pressed flat */
	whole?: boolean;
}): BlockForm[] {
	const volumeM3 =
		requireRange('massKg', input.massKg, 0.001, 25) /
		requireRange('densityKgPerM3', input.densityKgPerM3, 200, 2000);
	const box = containers[input.container];
	const forms: { name: FormName; shape: Shape }[] = [
		{
			name: box.rigid ? 'as-is' : 'flat',
			shape: brick(box.lengthM, box.widthM, volumeM3 / (box.lengthM * box.widthM))
		}
	];
	if (input.whole && !box.rigid) {
		const own = pieceBlock(input.massKg, input.densityKgPerM3);
		forms[0] = { name: 'own', shape: brick(own.lengthM, own.widthM, own.thicknessM) };
	} else if (!box.rigid && !box.dryOnly) {
		const width = box.widthM * standing01;
		// stands two thirds full: its thickness is what is left over
		const height = (box.heightM * 2) / 3;
		const thick = volumeM3 / (width * height);
		if (thick <= width) forms.push({ name: 'upright', shape: brick(height, width, thick) });
	}
	for (const [name, bowl] of [
		['slow-cooker-bowl', input.slowCookerBowl],
		['pressure-cooker-bowl', input.pressureCookerBowl]
	] as const)
		if (bowl) {
			const diameterM = 0.9 * Math.min(bowl.lengthM, bowl.widthM);
			const heightM = volumeM3 / ((Math.PI / 4) * diameterM ** 2);
			if (heightM <= bowl.depthM)
				forms.push({ name, shape: { kind: 'cylinder', diameterM, heightM } });
		}
	return forms.map((form) => ({
		...form,
		fitsSlowCooker: blockFitsBowl(form.shape, 1, input.slowCookerBowl),
		fitsPressureCooker: blockFitsBowl(form.shape, 1, input.pressureCookerBowl)
	}));
}

const brick = (lengthM: number, widthM: number, heightM: number): Shape => ({
	kind: 'brick',
	lengthM,
	widthM,
	heightM: Math.max(heightM, 0.002)
});

export interface FormTimes {
	name: FormName;
	/** until its warmest point is at −10 °C; null: never in this freezer */
	freezeMin: number | null;
	thawRefrigeratorMin: number | null;
	thawWaterMin: number | null;
}

/** Minutes to freeze and to thaw a portion in each of its shapes, from the heat model. */
export function blockFormTimes(input: {
	forms: readonly Pick<BlockForm, 'name' | 'shape'>[];
	food: FoodSpec;
	startC: number;
	freezerC: number;
	refrigeratorC: number;
	coldWaterC: number;
}): FormTimes[] {
	if (input.forms.length === 0) throw new CoreError('no-stages');
	const { food, freezerC } = input;
	return input.forms.map(({ name, shape }) => {
		const thaw = (place: 'refrigerator' | 'cold-water', placeC: number) =>
			thawingTime({ food, shape, startC: freezerC, place, placeC }).thawedMin;
		return {
			name,
			freezeMin: freezingTime({ food, shape, startC: input.startC, freezerC }).durationMin,
			thawRefrigeratorMin: thaw('refrigerator', input.refrigeratorC),
			thawWaterMin: thaw('cold-water', input.coldWaterC)
		};
	});
}
