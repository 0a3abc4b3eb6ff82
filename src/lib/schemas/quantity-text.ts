import { numericQuantity } from 'numeric-quantity';
import { kgPer, litresPer, mPer } from '../core/units/index.ts';
import type { Habit } from '../present/units.ts';

/** What a typed amount measures. Temperature is a point, not a difference. */
export type Dimension =
	'mass' | 'volume' | 'room' | 'length' | 'temperature' | 'altitude' | 'power' | 'minutes';

const litreUnits = {
	ml: 0.001,
	cl: 0.01,
	dl: 0.1,
	l: 1,
	litre: 1,
	litres: 1,
	liter: 1,
	liters: 1,
	cup: litresPer.cup,
	cups: litresPer.cup,
	tbsp: litresPer.tbsp,
	tsp: litresPer.tsp,
	'fl oz': litresPer.flOz,
	pint: litresPer.pint,
	pints: litresPer.pint,
	qt: litresPer.quart,
	quart: litresPer.quart,
	quarts: litresPer.quart,
	gal: litresPer.gallon,
	gallon: litresPer.gallon,
	gallons: litresPer.gallon,
	'cu ft': litresPer.cubicFoot,
	'cubic ft': litresPer.cubicFoot,
	'cubic foot': litresPer.cubicFoot,
	'cubic feet': litresPer.cubicFoot,
	ft3: litresPer.cubicFoot,
	'ft³': litresPer.cubicFoot
};

/** Factor to the canonical unit (kg, L, m, °C, m, W, min). NIST Handbook 44. */
const unitFactors: Record<Exclude<Dimension, 'temperature'>, Record<string, number>> = {
	mass: {
		g: 0.001,
		gram: 0.001,
		grams: 0.001,
		kg: 1,
		kilo: 1,
		kilos: 1,
		oz: kgPer.oz,
		ounce: kgPer.oz,
		ounces: kgPer.oz,
		lb: kgPer.lb,
		lbs: kgPer.lb,
		pound: kgPer.lb,
		pounds: kgPer.lb
	},
	volume: litreUnits,
	room: litreUnits,
	length: {
		mm: 0.001,
		cm: 0.01,
		m: 1,
		in: mPer.inch,
		inch: mPer.inch,
		inches: mPer.inch,
		'"': mPer.inch,
		ft: mPer.foot
	},
	altitude: { m: 1, metres: 1, meters: 1, km: 1000, ft: mPer.foot, feet: mPer.foot },
	power: { w: 1, watt: 1, watts: 1, kw: 1000 },
	minutes: {
		min: 1,
		mins: 1,
		minutes: 1,
		minute: 1,
		m: 1,
		h: 60,
		hr: 60,
		hrs: 60,
		hour: 60,
		hours: 60
	}
};

const defaultUnit: Record<Dimension, (habit: Habit) => string> = {
	mass: (h) => (h.system === 'us' ? 'lb' : 'g'),
	volume: (h) => (h.system === 'us' ? 'qt' : 'l'),
	room: (h) => (h.system === 'us' ? 'cu ft' : 'l'),
	length: (h) => (h.system === 'us' ? 'in' : 'cm'),
	altitude: (h) => (h.system === 'us' ? 'ft' : 'm'),
	power: () => 'w',
	minutes: () => 'min',
	temperature: (h) => h.temperature
};

/** The unit a bare number is taken in, for the hint beside a field. */
export function unitHint(dimension: Dimension, habit: Habit): string {
	const unit = defaultUnit[dimension](habit);
	const shown: Record<string, string> = { c: '°C', f: '°F', l: 'L', w: 'W' };
	return shown[unit] ?? unit;
}

/**
 * A plain number as people type it: "1,5", "1.5", "1½", "−3", "1 200". "4,700" is 4.7 unless commas are said to part
 * thousands. NaN when it is not one.
 */
export function numberFromText(text: string, commasPartThousands = false): number {
	const clean = text
		.trim()
		.replace(/^[−–]/, '-')
		.replace(/\s+(?=\d{3}\b)/g, '');
	if (commasPartThousands && /^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(clean))
		return Number(clean.replaceAll(',', ''));
	if (/^-?\d+,\d+$/.test(clean)) return Number(clean.replace(',', '.'));
	if (/^-?\d+(\.\d+)?$/.test(clean)) return Number(clean);
	if (/^-?[\d\s./½¼¾⅓⅔⅛⅜⅝⅞]+$/.test(clean)) return numericQuantity(clean, { round: false });
	return NaN;
}

/**
 * A typed amount in its canonical unit: "1½ lb" → 0.68, "2 x 400 g" → 0.8, "350 °F" → 176.7, "1 h 30" → 90; a bare number in
 * the household's unit. NaN when it cannot be read.
 */
export function quantityFromText(text: string, dimension: Dimension, habit: Habit): number {
	const clean = text.trim();
	const times = /^([\d.,]+)\s*[x×]\s*(.+)$/i.exec(clean);
	if (times && dimension !== 'temperature')
		return numberFromText(times[1]) * quantityFromText(times[2], dimension, habit);
	// two units of one amount: 3 lb 8 oz, 5 ft 3 in
	const both = /^([^a-z]+[a-z]+)\.?[\s,]+(?=[\d½¼¾⅓⅔⅛⅜⅝⅞])([^a-z]+[a-z]+)\.?$/i.exec(clean);
	if (both && (dimension === 'mass' || dimension === 'volume' || dimension === 'length'))
		return (
			quantityFromText(both[1], dimension, habit) + quantityFromText(both[2], dimension, habit)
		);
	if (dimension === 'minutes') {
		const clock = /^(\d+)\s*(?:h|hr|hours?|:)\s*(\d{1,2})\s*(?:m|min|minutes)?$/i.exec(clean);
		if (clock) return Number(clock[1]) * 60 + Number(clock[2]);
	}
	const parts = /^([-−–]?[\d\s.,/½¼¾⅓⅔⅛⅜⅝⅞]+)\s*(.*)$/.exec(clean);
	if (!parts) return NaN;
	// nobody writes an altitude to the millimetre
	const value = numberFromText(parts[1], habit.system === 'us' || dimension === 'altitude');
	const unit =
		parts[2].trim().toLowerCase().replace(/[°.]/g, '').trim() || defaultUnit[dimension](habit);
	if (dimension === 'temperature') {
		if (unit === 'c' || unit === 'celsius') return value;
		return unit === 'f' || unit === 'fahrenheit' ? ((value - 32) * 5) / 9 : NaN;
	}
	return value * (unitFactors[dimension][unit] ?? NaN);
}
