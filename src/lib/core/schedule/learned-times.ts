/** Times outside this range of the estimate are taken for a forgotten tap. */
const believable = { from: 0.2, to: 4 };

/**
 * How the household's kept times compare with the estimates, by work: the mean of what was measured and one estimate as it stands,
 * so that a single odd day does not turn everything over. Work without times is left out.
 */
export function learnedTimes(
	kept: readonly { work: string; actualMin: number; baseMin: number }[]
): Record<string, number> {
	const ratios = new Map<string, number[]>();
	for (const { work, actualMin, baseMin } of kept) {
		const ratio = actualMin / baseMin;
		if (!(ratio >= believable.from && ratio <= believable.to)) continue;
		ratios.set(work, [...(ratios.get(work) ?? []), ratio]);
	}
	return Object.fromEntries(
		[...ratios].map(([work, all]) => [
			work,
			(all.reduce((sum, ratio) => sum + ratio, 0) + 1) / (all.length + 1)
		])
	);
}
