import { asHeavyAsItIs } from '../../../core/appliances/index.ts';
import { thicknessM } from '../../../core/heat/index.ts';
import type { CookCardInput } from '../../../core/serving/index.ts';

/** Packs of a dish as one question: their weight together, as many blocks as there are, each as thick as the thickest of them. */
export function together(inputs: readonly CookCardInput[]): CookCardInput {
	const converts = inputs.map(({ convert }) => convert);
	const sum = (of: (convert: (typeof converts)[number]) => number) =>
		converts.reduce((total, convert) => total + of(convert), 0);
	const massKg = sum((convert) => convert.massKg);
	const lead = converts.reduce((most, convert) =>
		thicknessM(convert.block) > thicknessM(most.block) ? convert : most
	);
	const thawedCount = sum((convert) => convert.thawed?.count ?? 0);
	return {
		...inputs[converts.indexOf(lead)],
		convert: asHeavyAsItIs({
			...lead,
			massKg,
			liquidKg: sum((convert) => convert.liquidKg),
			coreC: Math.max(...converts.map(({ coreC }) => coreC)),
			blockCount: sum((convert) => convert.blockCount ?? 1),
			arrangement: 'side-by-side',
			thawed: lead.thawed && { ...lead.thawed, count: Math.max(1, thawedCount) }
		})
	};
}
