import { CoreError } from '../errors.ts';
import { qualityLossFactor } from './storage-life.ts';

export interface FreezerReading {
	atMs: number;
	tempC: number;
}
export interface QualityUse {
	/** days of quality life used up between the two moments */
	usedDays: number;
	/** of them, those lost to a temperature above −18 °C */
	lostDays: number;
	warmestC: number | null;
	/** hours above −18 °C + 3 K */
	warmH: number;
}

const dayMs = 24 * 3600_000;
/** What a freezer was set to, from a moment on. */
export interface FreezerSetting {
	fromMs: number;
	setC: number;
}

/** Readings further apart than this say nothing of what was between: the setting is taken. */
const gapMs = 6 * 3600_000;
/** The freezer's own cycle; above this it is a spell. */
const spellC = -15;
/** Above this the food is no longer frozen and quality life is no measure any more. */
const mostC = 0;

/**
 * Quality life used up from one moment to another in a freezer with readings (time-temperature tolerance: 10 K warmer, threefold).
 * Between two readings the temperature runs straight; where there are none, what the freezer was set to then counts (`setC` until
 * the first of `settings`). A single reading says what it was at its moment, and nothing of the time around it. Colder never
 * lengthens.
 * Throws `bad-day` when the end is before the beginning.
 */
export function qualityUse(input: {
	fromMs: number;
	toMs: number;
	setC: number;
	/** later settings, in time order */
	settings?: readonly FreezerSetting[];
	/** in time order */
	readings: readonly FreezerReading[];
}): QualityUse {
	const { fromMs, toMs, settings = [] } = input;
	if (!(toMs >= fromMs)) throw new CoreError('bad-day', { fromMs, toMs });
	const use: QualityUse = { usedDays: 0, lostDays: 0, warmestC: null, warmH: 0 };
	const add = (aMs: number, aC: number, bMs: number, bC: number) => {
		const [begin, end] = [Math.max(aMs, fromMs), Math.min(bMs, toMs)];
		if (end <= begin) return;
		const at = (ms: number) => (bMs === aMs ? aC : aC + ((bC - aC) * (ms - aMs)) / (bMs - aMs));
		// Simpson's rule: exact to well under a percent over spans of hours
		const factor = (ms: number) => qualityLossFactor(Math.min(mostC, at(ms)));
		const days = (end - begin) / dayMs;
		const mean = (factor(begin) + 4 * factor((begin + end) / 2) + factor(end)) / 6;
		use.usedDays += days * mean;
		use.lostDays += days * (mean - 1);
		if (at((begin + end) / 2) > spellC) use.warmH += days * 24;
	};
	/** a stretch without readings: at what it was set to, piece by piece */
	const addSet = (aMs: number, bMs: number) => {
		const changes = settings.filter(({ fromMs: at }) => at > aMs && at < bMs);
		const before = settings.findLast(({ fromMs: at }) => at <= aMs)?.setC ?? input.setC;
		const pieces = [{ fromMs: aMs, setC: before }, ...changes];
		pieces.forEach(({ fromMs: at, setC }, i) => add(at, setC, pieces[i + 1]?.fromMs ?? bMs, setC));
	};
	let [lastMs, lastC] = [fromMs, input.setC];
	let known = false;
	for (const { atMs, tempC } of input.readings) {
		if (atMs >= fromMs && atMs <= toMs) use.warmestC = Math.max(use.warmestC ?? -Infinity, tempC);
		if (known && atMs - lastMs <= gapMs) add(lastMs, lastC, atMs, tempC);
		else addSet(lastMs, atMs);
		[lastMs, lastC, known] = [atMs, tempC, true];
	}
	addSet(lastMs, Math.max(lastMs, toMs));
	return use;
}
