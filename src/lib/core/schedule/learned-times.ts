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
		.map(Math.log)
		.sort((a, b) => a - b);
	if (logs.length === 0) return null;
	const half = logs.length / 2;
	const median = (logs[Math.ceil(half) - 1] + logs[Math.floor(half)]) / 2;
	return Math.exp((median * logs.length) / (logs.length + estimateCounts));
}

/** How the household's kept times compare with the estimates, by work. Work without times is left out. */
export function learnedTimes(kept: readonly KeptTime[]): Record<string, number> {
	const by = new Map<string, KeptTime[]>();
	for (const time of kept) by.set(time.work, [...(by.get(time.work) ?? []), time]);
	return Object.fromEntries(
		[...by].flatMap(([work, all]) => {
			const pace = medianPace(all);
			return pace === null ? [] : [[work, pace]];
		})
	);
}

/** The same by cook, over all work: how fast each of them is. */
export function paceByCook(
	kept: readonly KeptTime[]
): { cook: number; times: number; pace: number }[] {
	const by = new Map<number, KeptTime[]>();
	for (const time of kept)
		for (const cook of time.cooks ?? []) by.set(cook, [...(by.get(cook) ?? []), time]);
	return [...by]
		.flatMap(([cook, all]) => {
			const pace = medianPace(all);
			return pace === null ? [] : [{ cook, times: all.length, pace }];
		})
		.sort((a, b) => a.cook - b.cook);
}
