import { qualityLossFactor } from './storage-life.ts';
import { addDays, daysBetween } from '../units/day.ts';
import { qualityUse, type FreezerReading, type FreezerSetting } from './warm-spells.ts';

export interface BestByNow {
	/** YYYY-MM-DD; null where none was known */
	bestBy: string | null;
	/** days lost so far, beyond what was counted with when it was packed; never negative, and gone for good */
	lostDays: number;
}

/**
 * Best-by of a pack after what its freezer's readings and settings show: the life left at −18 °C, run down by the time-temperature
 * rule, then on at the freezer's present setting. A warmer setting counts from its day on and no longer once it is set back; what
 * was lost meanwhile stays lost. Never later than when it was packed.
 */
export function bestByNow(input: {
	/** as computed, or set, when it was packed */
	bestBy: string | null;
	/** the freezer's setting that went into it */
	packedForC: number;
	/** the freezer's present setting */
	setC: number;
	/** what it was set to since, in time order */
	settings?: readonly FreezerSetting[];
	/** days lost before, in this freezer or in another */
	lostBefore?: number;
	/** the pack's first and the present moment */
	packedAtMs: number;
	nowMs: number;
	today: string;
	readings: readonly FreezerReading[];
}): BestByNow {
	const { bestBy, today, packedForC, packedAtMs } = input;
	if (!bestBy) return { bestBy, lostDays: 0 };
	const toMs = Math.max(input.nowMs, packedAtMs);
	const plannedPerDay = qualityLossFactor(packedForC);
	const { usedDays } = qualityUse({
		fromMs: packedAtMs,
		toMs,
		setC: packedForC,
		settings: input.settings,
		readings: input.readings
	});
	const plannedDays = ((toMs - packedAtMs) / dayMs) * plannedPerDay;
	const lostDays = Math.max(
		input.lostBefore ?? 0,
		// half a day over: the moment of packing within its day is not known
		Math.floor((usedDays - plannedDays) / plannedPerDay + 0.5)
	);
	const leftDays = daysBetween(today, bestBy) - lostDays;
	const perDay = Math.max(plannedPerDay, qualityLossFactor(input.setC));
	const share = leftDays > 0 ? plannedPerDay / perDay : 1;
	const now = addDays(today, Math.floor(leftDays * share));
	return { bestBy: now < bestBy ? now : bestBy, lostDays };
}

const dayMs = 24 * 3600_000;
