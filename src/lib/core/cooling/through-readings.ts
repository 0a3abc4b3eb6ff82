import { twoStageRule } from '../safety/two-stage-rule.ts';

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

/**
 * The forecast made to go through the readings: measured points as they are, then the predicted curve from where it has the
 * last reading's temperature, its time stretched by how much slower or faster the food has cooled so far (between a third and
 * three times). Readings out of order are sorted; of two at the same minute the later one counts.
 */
export function throughReadings(
	forecast: readonly TimedTemperature[],
	readings: readonly TimedTemperature[]
): { curve: TimedTemperature[]; stretch: number } {
	const byMinute = new Map<number, TimedTemperature>();
	for (const reading of readings) if (reading.minute >= 0) byMinute.set(reading.minute, reading);
	const sorted = [...byMinute.values()].sort((a, b) => a.minute - b.minute);
	const last = sorted.at(-1);
	if (!last || forecast.length < 2) return { curve: [...forecast], stretch: 1 };
	const [start] = forecast;
	const predictedMin = passedAtMin(forecast, last.tempC);
	const wanted =
		predictedMin && predictedMin > 1 && last.minute > 1 ? last.minute / predictedMin : 1;
	const stretch = Math.min(3, Math.max(1 / 3, wanted));
	const fromMin = predictedMin ?? forecast[forecast.length - 1].minute;
	const rest = forecast
		.filter((point) => point.minute > fromMin)
		.map((point) => ({
			minute: last.minute + (point.minute - fromMin) * stretch,
			tempC: point.tempC
		}));
	const measured = sorted[0].minute > 0 ? [start, ...sorted] : sorted;
	return { curve: [...measured, ...rest], stretch };
}

export interface GateTimes {
	/** minutes after the start at which the rule's clock began */
	clockStartMin: number;
	/** minutes on the rule's clock */
	to21Min: number | null;
	to5Min: number | null;
}

/** When a curve starts the clock of its rule and passes the gates. */
export function gateTimes(curve: readonly TimedTemperature[]): GateTimes {
	const clockStartMin = passedAtMin(curve, twoStageRule.startC) ?? curve.at(-1)?.minute ?? 0;
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
