import { dangerC } from '../core/rules/index.ts';
import { kgPer, litresPer, mPer } from '../core/units/index.ts';
import type { Habit } from './habit.ts';

export type { Habit } from './habit.ts';

const trim = (value: number, digits: number) => {
	const fixed = value.toFixed(digits);
	return digits > 0 ? fixed.replace(/\.?0+$/, '') : fixed;
};

/** A weight without false precision: 850 g, 1.2 kg; 12 oz, 2 lb 10 oz. */
export function massText(kg: number, habit: Habit): string {
	if (habit.system === 'us') {
		const oz = kg / kgPer.oz;
		if (Math.round(oz) < 16) return `${trim(oz, oz < 8 ? 1 : 0)} oz`;
		const [lb, over] = [Math.floor(Math.round(oz) / 16), Math.round(oz) % 16];
		return over === 0 ? `${lb} lb` : `${lb} lb ${over} oz`;
	}
	const g = kg * 1000;
	if (g < 995) return `${g < 100 ? Math.round(g) : Math.round(g / 10) * 10} g`;
	return `${trim(kg, 2)} kg`;
}

/** A volume as it is measured out: 240 mL, 1.5 L; 1 cup, 1⅓ cups, 2 tbsp. Up to the next mark rather than short. */
export function volumeText(litres: number, habit: Habit): string {
	if (habit.system === 'us') {
		const cups = litres / litresPer.cup;
		if (cups < 8) {
			const mark = cups < 0.24 ? null : marked(cups);
			return mark
				? `${mark} ${cups < 1.03 ? 'cup' : 'cups'}`
				: `${trim(Math.max(0.5, upTo(cups * 64, cups < spoonsInHalves ? 1 : 2) / 4), 2)} tbsp`;
		}
		return `${trim(cups / 4, 1)} qt`;
	}
	const ml = litres * 1000;
	if (ml < 995) return `${upTo(ml, ml < 50 ? 1 : 10)} mL`;
	return `${trim(litres, 1)} L`;
}

/** To a grain, and up rather than more than three per cent short. */
function upTo(value: number, grain: number): number {
	const nearest = Math.round(value / grain) * grain;
	return nearest < value * (1 - short01) ? Math.ceil(value / grain) * grain : nearest;
}
const short01 = 0.03;
/** Up to so many cups spoons are told in quarters, from there on in halves. */
const spoonsInHalves = 0.25;
const over01 = 0.18;

const marks = ['', '¼', '⅓', '½', '⅔', '¾'] as const;
const values = [0, 0.25, 1 / 3, 0.5, 2 / 3, 0.75] as const;

/** The nearest mark of a cup that is not short of it; null where that is too much more, and spoons measure it better. */
function marked(cups: number): string | null {
	const least = cups * (1 - short01);
	const whole = Math.floor(least);
	const mark = values.findIndex((value) => whole + value >= least);
	const value = mark < 0 ? whole + 1 : whole + values[mark];
	if (value > cups * (1 + over01)) return null;
	if (mark < 0) return `${whole + 1}`;
	return whole === 0 && mark > 0 ? marks[mark] : `${whole}${marks[mark]}`;
}

/** A length of food or vessel: 32 mm, 18 cm; 1¼ in as 1.3 in. */
export function lengthText(m: number, habit: Habit): string {
	if (habit.system === 'us') return `${trim(m / mPer.inch, m < 0.25 ? 1 : 0)} in`;
	return m < 0.1 ? `${Math.round(m * 1000)} mm` : `${trim(m * 100, 1)} cm`;
}

/** A sum of room: 200 L; 7.1 cu ft, as freezers are sold there. */
export function roomText(litres: number, habit: Habit): string {
	if (habit.system === 'metric') return volumeText(litres, habit);
	const feet = litres / litresPer.cubicFoot;
	return `${feet >= 10 ? feet.toFixed(0) : trim(feet, 1)} cu ft`;
}

/** Sides of a pan and sizes of bags as they are sold: 20 × 20 cm; 8 × 8 in. */
export function sidesText(a: number, b: number, habit: Habit): string {
	const side = (m: number) =>
		habit.system === 'us' ? `${Math.round(m / mPer.inch)}` : trim(m * 100, 0);
	return `${side(a)} × ${side(b)} ${habit.system === 'us' ? 'in' : 'cm'}`;
}

/** Steps of an oven's knob: 25 °F, 5 °C. */
const knobF = 25;
const knobC = 5;

/** An oven's temperature as its knob has it: 165 °C, 325 °F. */
export function ovenText(ovenC: number, habit: Habit): string {
	if (habit.temperature === 'c') return `${Math.round(ovenC / knobC) * knobC} °C`;
	return `${Math.round((ovenC * 9) / 5 / knobF + 32 / knobF) * knobF} °F`;
}

/** A temperature point. */
export function tempText(tempC: number, habit: Habit): string {
	return `${tempNumber(tempC, habit)} ${tempUnit(habit)}`;
}

/** A temperature point in the household's degrees, whole. */
export function tempNumber(tempC: number, habit: Habit): string {
	const shown = Math.round(habit.temperature === 'f' ? (tempC * 9) / 5 + 32 : tempC);
	return shown < 0 ? `−${-shown}` : String(shown);
}

/** The range in which germs grow, 5 to 60 °C, as "5 and 60 °C" or "41 and 140 °F". */
export function dangerRangeText(habit: Habit): string {
	return `${tempNumber(dangerC.from, habit)} and ${tempText(dangerC.to, habit)}`;
}

export function tempUnit(habit: Habit): string {
	return habit.temperature === 'f' ? '°F' : '°C';
}

/** Altitude: metres or feet, to the nearest ten. */
export function altitudeText(m: number, habit: Habit): string {
	return habit.system === 'us' ? `${Math.round(m / mPer.foot / 10) * 10} ft` : `${Math.round(m)} m`;
}
