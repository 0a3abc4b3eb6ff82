import type { Method } from '../method.ts';

/** What is not known of a cook: 0 as likely, +1 the unfavourable and −1 the favourable end (P90, P10) of each. */
export interface Unknowns {
	power: number;
	loss: number;
	transfer: number;
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
	thickness: 0,
	conductivity: 0,
	startTemperature: 0,
	ovenTemperature: 0
};

/** Half ranges P10 to P90 (judgement; docs/numbers.md). */
export const halfRange = {
	power01: 0.15,
	loss01: 0.15,
	/** power and losses once the household has measured them */
	measured01: 0.06,
	transfer01: 0.35,
	thickness01: 0.1,
	conductivity01: 0.06,
	mobilityExcess01: 0.5,
	startK: 1.5,
	ovenK: 8,
	/** once the air was measured */
	ovenMeasuredK: 3
} as const;

/** Which unknowns matter for an appliance. A dish that is all pool has no thickness and no conductivity. */
export function unknownsOf(method: Method, poolOnly: boolean): UnknownName[] {
	const inside: UnknownName[] = poolOnly ? [] : ['transfer', 'thickness', 'conductivity'];
	switch (method.appliance) {
		case 'slow-cooker':
			return ['power', 'loss', ...inside, 'startTemperature'];
		case 'pressure-cooker':
			return ['power', ...inside, 'startTemperature'];
		case 'oven':
		case 'fan-oven':
			return ['ovenTemperature', ...inside, 'startTemperature'];
		case 'hob':
			return ['power', 'loss', ...inside, 'startTemperature'];
		case 'water-bath':
		case 'steamer':
			return [...inside, 'startTemperature'];
		case 'microwave':
			return ['power', 'startTemperature'];
	}
}

/** Scales every unknown of a design point. */
export function scaled(u: Readonly<Unknowns>, factor: number): Unknowns {
	const result = { ...u };
	for (const name of Object.keys(u) as UnknownName[]) result[name] = u[name] * factor;
	return result;
}
