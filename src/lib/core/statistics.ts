/** The middle of some numbers, between the two in the middle where there are two; null of none. */
export function median(values: readonly number[]): number | null {
	if (values.length === 0) return null;
	const sorted = [...values].sort((a, b) => a - b);
	const half = sorted.length / 2;
	return (sorted[Math.ceil(half) - 1] + sorted[Math.floor(half)]) / 2;
}
