import { grouped } from '../grouped.ts';
import { median } from '../statistics.ts';

/** Times outside this range of the estimate are taken for a forgotten tap. */
const believable = { from: 0.2, to: 4 };
/** The estimate counts as much as so many kept times do (judgement). */
const estimateCounts = 1;

/** A piece of work of hands as it was done on a day. */
export interface KeptTime {
	work: string;
	actualMin: number;
	baseMin: number;
	/** which cooks did it, counted from 0 */
	cooks?: readonly number[];
}

/**
 * The middle of how kept times compare with their estimate, drawn towards the estimate while there are few: the median is not moved by a
 * forgotten tap, and a single odd day does not turn everything over. 1: as estimated; null: nothing to go by.
 */
export function medianPace(
	kept: readonly Pick<KeptTime, 'actualMin' | 'baseMin'>[]
): number | null {
	const logs = kept
		.map(({ actualMin, baseMin }) => actualMin / baseMin)
		.filter((ratio) => ratio >= believable.from && ratio <= believable.to)
		.map(Math.log);
	const middle = median(logs);
	return middle === null ? null : Math.exp((middle * logs.length) / (logs.length + estimateCounts));
}

/** How the household's kept times compare with the estimates, by work. Work without times is left out. */
export const learnedTimes = (kept: readonly KeptTime[]): Record<string, number> =>
	Object.fromEntries(paces(grouped(kept, ({ work }) => work)).map(({ of, pace }) => [of, pace]));

/** The same by cook, over all work: how fast each of them is. */
export function paceByCook(
	kept: readonly KeptTime[]
): { cook: number; times: number; pace: number }[] {
	const each = kept.flatMap((time) => (time.cooks ?? []).map((cook) => ({ ...time, cook })));
	return paces(grouped(each, ({ cook }) => cook))
		.map(({ of, ...rest }) => ({ cook: of, ...rest }))
		.sort((a, b) => a.cook - b.cook);
}

/** The paces of groups of times; those without any are left out. */
const paces = <K>(groups: ReadonlyMap<K, readonly KeptTime[]>) =>
	[...groups].flatMap(([of, all]) => {
		const pace = medianPace(all);
		return pace === null ? [] : [{ of, times: all.length, pace }];
	});
