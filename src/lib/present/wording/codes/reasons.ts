import type { Reason } from '../../../core/rules/index.ts';
import { durationText } from '../../time.ts';
import {
	dangerRangeText,
	lengthText,
	massText,
	tempText,
	volumeText,
	type Habit
} from '../../units.ts';

const hours = (h: number | undefined) =>
	h === undefined ? '' : `${(Math.round(h * 10) / 10).toFixed(1)} h`;

/** A reason in words, with its numbers in the household's units. */
export function reasonText(reason: Reason, habit: Habit): string {
	const v = reason.values ?? {};
	switch (reason.code) {
		case 'hours-in-danger':
			return `Its worst part likely spends ${hours(v.likely)} between ${dangerRangeText(habit)}; the limit is ${hours(v.limitH)}.`;
		case 'hours-in-danger-worst':
			return `Its worst part may spend ${hours(v.worst)} between ${dangerRangeText(habit)}; the limit is ${hours(v.limitH)}.`;
		case 'thaw-first':
			return 'Thaw raw meat in the refrigerator before a slow cooker: that is the public advice.';
		case 'only-flat':
			return `Raw and frozen, a flat pack is safer: at most ${lengthText(v.limitM, habit)} thick; this one is ${lengthText(v.thicknessM, habit)}.`;
		case 'only-light':
			return `Raw and frozen, up to ${massText(v.limitKg, habit)} is safer; this is ${massText(v.massKg, habit)}.`;
		case 'hot-liquid':
			return 'Pour the liquid in hot.';
		case 'reheat-fast-first':
			return `Reheating is meant to be quick (${tempText(74, habit)} within 2 hours): bring it to the boil on the hob, in the pressure cooker or the oven first, then keep it hot here.`;
		case 'reheat-in-oven':
			return `Reheating is meant to be quick (${tempText(74, habit)} within 2 hours): a bake in its pan gets hot in the oven.`;
		case 'reheat-slow':
			return `Reheating is meant to be quick: its worst part likely spends ${hours(v.likely)} between ${dangerRangeText(habit)}, and ${hours(v.limitH)} are meant. Hotter, flatter or in smaller parts.`;
		case 'too-full':
			return `Too full: ${Math.round(v.fill01 * 100)} % of the pot, at most ${Math.round(v.most01 * 100)} %.`;
		case 'under-half-full':
			return 'Under half full lean meat dries out. Look early.';
		case 'more-than-the-bowl':
			return `More than the bowl holds (${Math.round(v.fill01 * 100)} %).`;
		case 'more-than-fits':
			return `More than fits: at most ${massText(v.mostKg, habit)} at once; this is ${massText(v.massKg, habit)}.`;
		case 'not-for-this-food':
			return 'No way for this kind of food.';
		case 'braise-open':
			return `Braised meat dries out and catches in an open pot at this heat: cover it, or stay at ${tempText(v.limitC, habit)} at most.`;
		case 'block-too-big':
			return 'The frozen block does not go into this bowl: let it soften until it bends.';
		case 'never-ready':
			return `Not ready within ${durationText(v.longestMin)}.`;
		case 'may-not-finish':
			return `Likely ${durationText(v.likelyMin)}, but a weak appliance or a thicker pack may never get there.`;
		case 'not-in-pressure-cooker':
			return 'A bake in its pan does not go into a pressure cooker.';
		case 'poor-in-slow-cooker':
			return 'Comes out soft in a slow cooker; the oven is its way.';
		case 'fish-in-minutes':
			return `Fish is done in minutes and falls apart: never frozen into a slow cooker, at most ${durationText(v.limitMin)} in it.`;
		case 'cut-in-pieces':
			return `Over ${massText(v.limitKg, habit)}: thaw and cut it in two to four pieces.`;
		case 'first-hour-high':
			return 'First hour on high, and cut the piece in two.';
		case 'thick-block':
			return `A thick block (${lengthText(v.thicknessM, habit)}) is slow to melt under pressure; thawed, or flatter next time, is surer.`;
		case 'long-under-pressure':
			return `Needs up to ${durationText(v.minutes)} under pressure: no sensible way.`;
		case 'add-liquid':
			return `Put ${volumeText(v.litres, habit)} of thin liquid in first, under it.`;
		case 'set-long-end':
			return `Set the long end, ${durationText(v.minutes)}, and check the core.`;
		case 'recipe-clipped':
			return 'The recipe’s own time is outside what this kind of dish wants; the nearest sensible doneness was taken.';
		case 'recipe-too-short':
			return `The recipe says ${durationText(v.recipeMin)}; the core is safe after ${durationText(v.safeMin)}, so that counts.`;
		case 'small-load':
			return `Little for this bowl: it heats no faster than filled to ${Math.round(v.least01 * 100)} %.`;
		case 'glass-from-frozen':
			return 'Glass or ceramic straight from the freezer: into a cold oven, or not at all. A hot oven cracks it.';
		case 'not-on-hob':
			return 'A bake in its pan does not go on the hob.';
		case 'bath-too-cool':
			return `A water bath below ${tempText(55, habit)} makes nothing safe.`;
		case 'below-core':
			return `The bath makes it as warm as itself, ${tempText(v.bathC, habit)}; ${tempText(v.coreC, habit)} is the core asked of it. Held as long as told it is pasteurised all the same.`;
		case 'turn-once':
			return 'Over direct heat, without a lid: turn it once half way.';
		case 'ends-too-soon':
			return `Its middle would end at ${tempText(v.endC, habit)}, and ${tempText(v.coreC, habit)} is wanted: longer, or another day.`;
		case 'bath-slow':
			return `Its middle would be cool for ${hours(v.likely)}; in a water bath ${hours(v.limitH)} is the most. Flatter bags.`;
		case 'stir-and-stand':
			return `Loose lid, stir or turn half way, then let it stand ${durationText(v.minutes)}.`;
		case 'divide':
			return `Over ${massText(v.limitKg, habit)} it heats unevenly: divide it.`;
		case 'only-heats':
			return 'A microwave makes hot; raw meat is cooked another way.';
		case 'one-layer':
			return `One layer of at most ${lengthText(v.limitM, habit)} browns and heats as told; this is ${lengthText(v.thicknessM, habit)}.`;
		case 'waits-warm':
			return `Waiting switched off leaves it ${hours(v.waitingH)} longer between ${dangerRangeText(habit)}; perishable food stands out ${hours(v.limitH)} at most. Put it in cold when you are there to switch on.`;
		case 'own-pace':
			return `As your own appliance cooks: ${Math.round((v.times01 ?? 1) * 100)} % of the computed time, from your logged cooks (${v.cooks ?? 0}).`;
		case 'own-minutes':
			return `${Math.abs(Math.round(v.byMin ?? 0))} min ${(v.byMin ?? 0) < 0 ? 'less' : 'more'} than computed, as your own cooks of it taught.`;
		case 'instead':
			return `A better way takes about ${durationText(v.minutes)}.`;
	}
}
