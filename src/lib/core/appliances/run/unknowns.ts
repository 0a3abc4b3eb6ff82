/** What is not known of a cook: 0 as likely, +1 the unfavourable and −1 the favourable end (P90, P10) of each. */
export interface Unknowns {
	power: number;
	loss: number;
	transfer: number;
	/** heat that a covered dish takes from the oven's air: by its shape, its lid, where it stands */
	dish: number;
	thickness: number;
	conductivity: number;
	startTemperature: number;
	ovenTemperature: number;
}

export type UnknownName = keyof Unknowns;

export const asLikely: Readonly<Unknowns> = {
	power: 0,
	loss: 0,
	transfer: 0,
	dish: 0,
	thickness: 0,
	conductivity: 0,
	startTemperature: 0,
	ovenTemperature: 0
};

/** Half ranges P10 to P90 (judgement; docs/numbers.md). An appliance whose power is known worse or better has its own. */
export const halfRange = {
	power01: 0.15,
	loss01: 0.15,
	/** power and losses once the household has measured them */
	measured01: 0.06,
	transfer01: 0.35,
	/** 1.7 to 3 W/K between a deep roaster and a wide dish: about ± 22 % on time, as a logarithm */
	dishLog: 0.28,
	thickness01: 0.1,
	conductivity01: 0.06,
	mobilityExcess01: 0.5,
	startK: 1.5,
	ovenK: 8,
	/** once the air was measured */
	ovenMeasuredK: 3
} as const;

/** What is unknown inside the food; a dish that is all pool has no thickness and no conductivity. */
export const insideUnknowns = (poolOnly: boolean): UnknownName[] =>
	poolOnly ? [] : ['transfer', 'thickness', 'conductivity'];

/** Scales every unknown of a design point. */
export function scaled(u: Readonly<Unknowns>, factor: number): Unknowns {
	const result = { ...u };
	for (const name of Object.keys(u) as UnknownName[]) result[name] = u[name] * factor;
	return result;
}
