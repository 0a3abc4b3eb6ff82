import { requireRange } from '../require-range.ts';
import { containerKeys, containers, type ContainerKey } from '../published/containers.ts';
import { fillLimitL, headspaceMm } from './headspace.ts';

export interface ContainerChoice {
	key: ContainerKey;
	fits: boolean;
	/** of what may go in, how much does */
	fill01: number;
	/** millimetres to leave free */
	headspaceMm: number;
	/** how many the household still has; null: it has not counted them */
	left: number | null;
	enough: boolean;
	/** as it lies or stands when frozen, metres */
	thicknessM: number;
}

/** Litres of one portion: weight over density, more for pieces that lie apart with air between them. */
export function portionL(input: {
	massKg: number;
	densityKgPerM3: number;
	/** share of air between pieces, 0 to 0.6 */
	air01?: number;
}): number {
	const air01 = requireRange('air01', input.air01 ?? 0, 0, 0.6);
	return (input.massKg / input.densityKgPerM3 / (1 - air01)) * 1000;
}

/**
 * Containers for portions of a volume, best first: those that hold it with its headspace and of which enough are left; pans only for
 * bakes; bags laid flat before rigid ones, since a thin block freezes and thaws fastest; then the smallest that does. Those too small
 * come last. Food that runs is not put on plates.
 */
export function containersFor(input: {
	portionL: number;
	count: number;
	liquid: boolean;
	/** it is baked in what it freezes in */
	bake?: boolean;
	left: Readonly<Partial<Record<ContainerKey, number>>>;
}): ContainerChoice[] {
	const { count, liquid, bake = false } = input;
	const choices = containerKeys
		.filter((key) => !(liquid && containers[key].dryOnly))
		.map((key): ContainerChoice => {
			const box = containers[key];
			const mostL = Math.min(
				fillLimitL({ ...box, liquid }),
				box.lengthM * box.widthM * box.mostM * 1000
			);
			const left = input.left[key] ?? null;
			return {
				key,
				fits: input.portionL <= mostL + 1e-9,
				fill01: input.portionL / mostL,
				headspaceMm: headspaceMm({ ...box, liquid }),
				left,
				enough: left === null || left >= count,
				thicknessM: input.portionL / 1000 / (box.lengthM * box.widthM)
			};
		});
	const rank = (choice: ContainerChoice) => Number(!choice.fits) * 2 + Number(!choice.enough);
	return choices.sort(
		(a, b) =>
			rank(a) - rank(b) ||
			Number(containers[a.key].pan !== bake) - Number(containers[b.key].pan !== bake) ||
			tooEmpty(a) - tooEmpty(b) ||
			Number(containers[a.key].rigid) - Number(containers[b.key].rigid) ||
			b.fill01 - a.fill01
	);
}

/** A rigid one less than a third full: the air in it dries the food out, and it is wanted elsewhere. A bag is pressed flat. */
const tooEmpty = ({ key, fill01 }: ContainerChoice) =>
	Number(containers[key].rigid && fill01 < 1 / 3);
