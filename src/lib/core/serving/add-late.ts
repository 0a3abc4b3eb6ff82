import { applianceOf } from '../appliances/index.ts';
import type { CookOption } from '../cooking/conversion/convert-cook.ts';
import { ratePerMin } from '../heat/cook-value.ts';
import { lateKinds, type LateKind } from '../published/late-additions.ts';

/** Something kept back, and when it goes in. */
export interface LateAddition {
	kind: LateKind;
	/** catalogue names */
	items: string[];
	/** `in-pot`: that long before serving; `after-opening`: then boil that long with the lid off; `last-open`: oven, uncovered */
	how: 'in-pot' | 'after-opening' | 'last-open';
	minutes: { from: number; to: number };
}

/** What is cold takes the pot this long to bring back to heat, minutes (judgement). */
const recoveryMin = 8;
const zK = 33;

/**
 * When to add what was kept back, for one way of cooking: its cook value at the temperature it meets there (the pot's at the
 * end, or boiling at this altitude once a pressure cooker is open). Never under pressure. What the catalogue does not know as
 * late is left out.
 */
export function addLate(input: {
	/** catalogue names, each with the plain item it is like */
	items: readonly { name: string; like: string }[];
	option: Pick<CookOption, 'method' | 'coreEndC'>;
	boilsC: number;
}): LateAddition[] {
	const { method, coreEndC } = input.option;
	const how = applianceOf(method).addsLate;
	const meetsC = how === 'in-pot' ? Math.min(coreEndC ?? input.boilsC, input.boilsC) : input.boilsC;
	const perMin = ratePerMin(meetsC, zK, 100);
	return (Object.keys(lateKinds) as LateKind[]).flatMap((kind) => {
		const { items, cookMin, plainMin } = lateKinds[kind];
		const here = input.items.filter(({ like }) => items.includes(like)).map(({ name }) => name);
		if (here.length === 0) return [];
		const back = how === 'after-opening' ? 0 : recoveryMin;
		const plain = how === 'after-opening' && kind === 'thickener' ? 2 : (plainMin ?? 0);
		const minutes = cookMin
			? { from: cookMin.from / perMin + back, to: cookMin.to / perMin + back }
			: { from: how === 'after-opening' && kind === 'soft-dairy' ? 0 : plain, to: plain };
		return [{ kind, items: here, how, minutes }];
	});
}
