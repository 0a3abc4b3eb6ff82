import { qualityLossFactor } from './storage-life.ts';
import { addDays, daysBetween } from '../units/day.ts';
import { qualityUse, type FreezerReading } from './warm-spells.ts';

export interface BestByNow {
	/** YYYY-MM-DD; null where none was known */
	bestBy: string | null;
	/** days earlier than what was computed when it was packed; never negative */
	lostDays: number;
}

/**
 * Best-by of a pack after what its freezer's readings show: the life left at −18 °C, run down by the time-temperature rule, then on
 * at the freezer's setting. Never later than when it was packed.
 */
export function bestByNow(input: {
	packedOn: string;
	/** as computed, or set, when it was packed */
	bestBy: string | null;
	/** the freezer's setting that went into it */
	packedForC: number;
	setC: number;
	/** the pack's first and the present moment */
	packedAtMs: number;
	nowMs: number;
	today: string;
	readings: readonly FreezerReading[];
}): BestByNow {
	const { bestBy, packedOn, today } = input;
	if (!bestBy) return { bestBy, lostDays: 0 };
	const lifeDays = daysBetween(packedOn, bestBy) * qualityLossFactor(input.packedForC);
	const { usedDays } = qualityUse({
		fromMs: input.packedAtMs,
		toMs: Math.max(input.nowMs, input.packedAtMs),
		setC: input.setC,
		readings: input.readings
	});
	const leftDays = (lifeDays - usedDays) / qualityLossFactor(input.setC);
	// half a day over: the moment of packing within its day is not known
	const now = addDays(today, Math.floor(leftDays + 0.5));
	return now < bestBy
		? { bestBy: now, lostDays: daysBetween(now, bestBy) }
		: { bestBy, lostDays: 0 };
}
