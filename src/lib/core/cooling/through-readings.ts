import type { GateTimes } from '../rules/judge-cooling.ts';
import { twoStageRule } from '../rules/two-stage-rule.ts';

export interface TimedTemperature {
	/** minutes after the start */
	minute: number;
	tempC: number;
}

/** Minutes after the start at which a falling curve passes a temperature; null if it does not. */
export function passedAtMin(curve: readonly TimedTemperature[], tempC: number): number | null {
	for (let i = 0; i < curve.length; i++) {
		if (curve[i].tempC > tempC) continue;
		if (i === 0) return curve[0].minute;
		const [a, b] = [curve[i - 1], curve[i]];
		return a.minute + ((a.tempC - tempC) / (a.tempC - b.tempC)) * (b.minute - a.minute);
	}
	return null;
}

/** The temperature a curve has at a minute; beyond its ends that of the end. */
export function tempAtMin(curve: readonly TimedTemperature[], minute: number): number {
	let low = 0;
	let high = curve.length - 1;
	if (high < 0) return 0;
	if (minute <= curve[low].minute) return curve[low].tempC;
	if (minute >= curve[high].minute) return curve[high].tempC;
	while (high - low > 1) {
		const middle = (low + high) >> 1;
		if (curve[middle].minute <= minute) low = middle;
		else high = middle;
	}
	const [a, b] = [curve[low], curve[high]];
	const span = b.minute - a.minute;
	return span > 0 ? a.tempC + ((b.tempC - a.tempC) * (minute - a.minute)) / span : b.tempC;
}

/** In order, of two at the same minute the later one. */
export function inOrder(readings: readonly TimedTemperature[]): TimedTemperature[] {
	const byMinute = new Map<number, TimedTemperature>();
	for (const reading of readings) if (reading.minute >= 0) byMinute.set(reading.minute, reading);
	return [...byMinute.values()].sort((a, b) => a.minute - b.minute);
}

const [leastStretch, mostStretch] = [1 / 3, 3];
/** A reading further off than this counts no more than one that is so far off, K. */
const robustK = 2;
/** So many of the last readings are smoothed for the temperature now. */
const smoothed = 9;

/**
 * How much slower (above 1) or faster the food cools than forecast: the stretch of time between a third and three at which the
 * forecast lies closest to the readings (least squares, far ones counted less), by golden-section search after a coarse scan.
 */
function fittedStretch(
	forecast: readonly TimedTemperature[],
	readings: readonly TimedTemperature[]
): number {
	const misfit = (logStretch: number) => {
		const stretch = Math.exp(logStretch);
		let sum = 0;
		for (const { minute, tempC } of readings) {
			const off = Math.abs(tempC - tempAtMin(forecast, minute / stretch));
			sum += off <= robustK ? off * off : robustK * (2 * off - robustK);
		}
		return sum;
	};
	const [from, to] = [Math.log(leastStretch), Math.log(mostStretch)];
	const cells = 24;
	let best = 0;
	for (let i = 1; i <= cells; i++)
		if (misfit(from + ((to - from) * i) / cells) < misfit(from + ((to - from) * best) / cells))
			best = i;
	let a = from + ((to - from) * Math.max(0, best - 1)) / cells;
	let b = from + ((to - from) * Math.min(cells, best + 1)) / cells;
	const golden = (Math.sqrt(5) - 1) / 2;
	for (let i = 0; i < 24; i++) {
		const [c, d] = [b - golden * (b - a), a + golden * (b - a)];
		if (misfit(c) < misfit(d)) b = d;
		else a = c;
	}
	return Math.exp((a + b) / 2);
}

/**
 * The forecast made to go through the readings: measured points as they are, then the predicted curve from where it has the
 * temperature that the last readings agree on, its time stretched by how much slower or faster the food has cooled so far.
 * Readings out of order are sorted; of two at the same minute the later one counts.
 */
export function throughReadings(
	forecast: readonly TimedTemperature[],
	readings: readonly TimedTemperature[]
): { curve: TimedTemperature[]; stretch: number } {
	const sorted = inOrder(readings);
	const last = sorted.at(-1);
	if (!last || forecast.length < 2) return { curve: [...forecast], stretch: 1 };
	const [start] = forecast;
	const later = sorted.filter(({ minute }) => minute > 1);
	const stretch = later.length > 0 ? fittedStretch(forecast, later) : 1;
	// many readings lie close together: what they have in common is the offset from the fitted curve
	const recent = sorted.slice(sorted.length > 2 * smoothed ? -smoothed : -1);
	const offsets = recent
		.map(({ minute, tempC }) => tempC - tempAtMin(forecast, minute / stretch))
		.sort((a, b) => a - b);
	const nowC = tempAtMin(forecast, last.minute / stretch) + offsets[offsets.length >> 1];
	const fromMin = passedAtMin(forecast, nowC) ?? forecast[forecast.length - 1].minute;
	const rest = forecast
		.filter((point) => point.minute > fromMin)
		.map((point) => ({
			minute: last.minute + (point.minute - fromMin) * stretch,
			tempC: point.tempC
		}));
	const seen = sorted.map((point, i) =>
		sorted.length > 2 * smoothed ? { ...point, tempC: medianAround(sorted, i) } : point
	);
	const measured = seen[0].minute > 0 ? [start, ...seen] : seen;
	return { curve: [...filledBetween(measured, forecast, stretch), ...rest], stretch };
}

/** Between readings food falls as the forecast does, its offset going over from that of the one to that of the next. */
function filledBetween(
	measured: readonly TimedTemperature[],
	forecast: readonly TimedTemperature[],
	stretch: number
): TimedTemperature[] {
	const offset = ({ minute, tempC }: TimedTemperature) =>
		tempC - tempAtMin(forecast, minute / stretch);
	const stretched = forecast.map(({ minute, tempC }) => ({ minute: minute * stretch, tempC }));
	return measured.flatMap((to, i) => {
		const from = measured[i - 1];
		if (!from) return [to];
		const [a, b] = [offset(from), offset(to)];
		const between = stretched
			.filter(({ minute }) => minute > from.minute && minute < to.minute)
			.map(({ minute, tempC }) => {
				const share = (minute - from.minute) / (to.minute - from.minute);
				return { minute, tempC: tempC + a + (b - a) * share };
			});
		return [...between, to];
	});
}

/** The middle value of a reading and its neighbours, so that one that is off does not pass a gate. */
export function medianAround(sorted: readonly TimedTemperature[], i: number, reach = 2): number {
	const near = sorted.slice(Math.max(0, i - reach), i + reach + 1).map(({ tempC }) => tempC);
	near.sort((a, b) => a - b);
	return near[near.length >> 1];
}

/** Gate times with the start of the clock they are counted from. */
export interface ClockedGateTimes extends GateTimes {
	/** minutes after the start at which the rule's clock began */
	clockStartMin: number;
}

/**
 * When a curve starts the clock of its rule and passes the gates. It is the curve of the middle: another part of the food takes `leadMin`
 * longer, and its clock counts.
 */
export function gateTimes(curve: readonly TimedTemperature[], leadMin = 0): ClockedGateTimes {
	const middleMin = passedAtMin(curve, twoStageRule.startC) ?? curve.at(-1)?.minute ?? 0;
	const clockStartMin = Math.max(Math.min(0, middleMin), middleMin - leadMin);
	const since = (tempC: number) => {
		const at = passedAtMin(curve, tempC);
		return at === null ? null : Math.max(0, at - clockStartMin);
	};
	return {
		clockStartMin,
		to21Min: since(twoStageRule.firstGateC),
		to5Min: since(twoStageRule.secondGateC)
	};
}
