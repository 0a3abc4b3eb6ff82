/** Mean at which the coldest spot is at 74 °C, stirred once and after standing, °C. Judgement. */
export const stirredEndC = 85;
/** It evens out by itself for so long before it is eaten, minutes. */
export const standingMin = 2;
/** More than this does not heat evenly: it is divided, kg; beyond this it is no way at all, three goes and more. */
export const dividedFromKg = 0.6;
export const mostAtOnceKg = 1.8;

/** A block is thawed at half power first: none of it up to so thick, all of it from so thick on, metres. Between them it is part of the way. */
const halfPowerM = { from: 0.03, all: 0.05 } as const;

/** Share of the way to free of ice that is gone at half power: raw food all of it, else by how thick the block is. Judgement. */
export const atHalfPower01 = (raw: boolean, thicknessM: number): number =>
	raw
		? 1
		: Math.min(1, Math.max(0, (thicknessM - halfPowerM.from) / (halfPowerM.all - halfPowerM.from)));

/** Share of a microwave's printed output that stays in the food: small amounts take little of it. Judgement. */
export const absorbed01 = (massKg: number): number => 0.62 * (1 - Math.exp(-massKg / 0.16));
