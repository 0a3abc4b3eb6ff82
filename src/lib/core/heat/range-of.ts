/** The least and the most of some numbers. */
export function rangeOf(values: Float64Array): { least: number; most: number } {
	let least = Infinity;
	let most = -Infinity;
	for (let i = 0; i < values.length; i++) {
		if (values[i] < least) least = values[i];
		if (values[i] > most) most = values[i];
	}
	return { least, most };
}
