/** Servings of a yield as recipes write it: 6, "Serves 4-6", ["8", "8 servings"]; a range counts with its middle, rounded. Null when there is none. */
export function servingsOf(raw: unknown): number | null {
	if (Array.isArray(raw)) {
		for (const one of raw) {
			const found = servingsOf(one);
			if (found !== null) return found;
		}
		return null;
	}
	if (typeof raw === 'object' && raw !== null && 'value' in raw) return servingsOf(raw.value);
	if (typeof raw === 'number') return inRange(raw);
	if (typeof raw !== 'string') return null;
	const range = /(\d+(?:[.,]\d+)?)\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?)/i.exec(raw);
	if (range) return inRange((number(range[1]) + number(range[2])) / 2);
	const one = /\d+(?:[.,]\d+)?/.exec(raw);
	if (one) return inRange(number(one[0]));
	const word = /\b(one|two|three|four|five|six|seven|eight|nine|ten|twelve)\b/i.exec(raw);
	return word ? words[word[1].toLowerCase()] : null;
}

const words: Record<string, number> = {
	one: 1,
	two: 2,
	three: 3,
	four: 4,
	five: 5,
	six: 6,
	seven: 7,
	eight: 8,
	nine: 9,
	ten: 10,
	twelve: 12
};
const number = (text: string) => Number(text.replace(',', '.'));
const inRange = (n: number) => (n >= 1 && n <= 100 ? Math.round(n) : null);
