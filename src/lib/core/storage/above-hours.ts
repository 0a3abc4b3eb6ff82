import type { FreezerReading } from './warm-spells.ts';

/** Hours readings were above a temperature, straight lines between them. Two readings at least; with one warm one, nobody knows: null. */
export function aboveHours(readings: readonly FreezerReading[], limitC: number): number | null {
	if (readings.length === 0) return 0;
	if (readings.length === 1) return readings[0].tempC > limitC ? null : 0;
	let ms = 0;
	for (let i = 1; i < readings.length; i++) {
		const [a, b] = [readings[i - 1], readings[i]];
		const span = b.atMs - a.atMs;
		const [low, high] = [Math.min(a.tempC, b.tempC), Math.max(a.tempC, b.tempC)];
		if (low > limitC) ms += span;
		else if (high > limitC) ms += (span * (high - limitC)) / (high - low);
	}
	return ms / 3600_000;
}
