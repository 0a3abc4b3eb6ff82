/** Things by a key, in the order they come. */
export function grouped<K, T>(all: Iterable<T>, keyOf: (one: T) => K): Map<K, T[]> {
	const by = new Map<K, T[]>();
	for (const one of all) {
		const key = keyOf(one);
		const known = by.get(key);
		if (known) known.push(one);
		else by.set(key, [one]);
	}
	return by;
}
