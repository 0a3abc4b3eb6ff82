import {
	inOrder,
	medianAround,
	passedAtMin,
	tempAtMin,
	type TimedTemperature
} from './through-readings.ts';

export interface TrustedTemperature extends TimedTemperature {
	/** read by a person: always counted */
	trusted: boolean;
}

/** Wet food in a kitchen is never hotter, °C. */
const hottestC = 105;
/** A lone reading further than this from its neighbours is a slip, K. */
const slipK = 8;
/** A thermometer in food cannot show a fall this much faster than forecast, beside a few degrees of its own. */
const fastest = 5;
const ownK = 4;

/**
 * Splits a thermometer's readings into those food can have and those it cannot: hotter than boiling, alone among its neighbours,
 * or fallen far faster than any cooling in this place could (the probe lies in air or ice). What a person typed is always taken.
 * Nothing is dropped: the doubtful ones come back, too. When the food really was moved to somewhere colder, a reading by hand
 * says so, and the thermometer is believed again from there.
 */
export function plausibleReadings(
	forecast: readonly TimedTemperature[],
	all: readonly TrustedTemperature[]
): { readings: TimedTemperature[]; doubtful: TimedTemperature[] } {
	const byMinute = new Map(all.map((reading) => [reading.minute, reading]));
	const isTrusted = ({ minute }: TimedTemperature) => byMinute.get(minute)?.trusted ?? true;
	const possible: TimedTemperature[] = [];
	const doubtful: TimedTemperature[] = [];
	for (const reading of inOrder(all))
		(isTrusted(reading) || reading.tempC <= hottestC ? possible : doubtful).push(reading);
	const readings: TimedTemperature[] = [];
	possible.forEach((reading, i) => {
		const before = readings.at(-1) ?? forecast[0];
		const slipped =
			possible.length >= 5 && Math.abs(reading.tempC - medianAround(possible, i)) > slipK;
		if (isTrusted(reading) || !before || (!slipped && !fellTooFast(forecast, before, reading)))
			readings.push(reading);
		else doubtful.push(reading);
	});
	return { readings, doubtful };
}

function fellTooFast(
	forecast: readonly TimedTemperature[],
	before: TimedTemperature,
	reading: TimedTemperature
): boolean {
	const fromMin = passedAtMin(forecast, before.tempC);
	if (fromMin === null) return before.tempC - reading.tempC > ownK;
	const spanMin = Math.max(0, reading.minute - before.minute);
	return reading.tempC < tempAtMin(forecast, fromMin + fastest * spanMin) - ownK;
}
