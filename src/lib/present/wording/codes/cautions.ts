import type { CautionCode } from '../../../core/rules/index.ts';
import type { SourceKey } from '../../../core/published/index.ts';
import { tempText, type Habit } from '../../units.ts';

/** A caution in a sentence or two, and whose advice it is. */
export function cautionText(
	code: CautionCode,
	habit: Habit
): { text: string; sources: SourceKey[] } {
	switch (code) {
		case 'boil-dried-beans':
			return {
				text: `Dried kidney-type beans: soak them 5 hours, boil them 30 minutes in fresh water, longer where water boils below ${tempText(97, habit)}; only then slow-cook. Canned ones are ready.`,
				sources: ['fda-bad-bug-book']
			};
		case 'rice-cools-fast':
			return {
				text: 'Rice in it: cool within the hour, spread thin.',
				sources: ['uk-rice']
			};
		case 'rice-one-day':
			return {
				text: 'Rice in it: once thawed a day in the refrigerator, then hot once.',
				sources: ['uk-rice']
			};
		case 'in-oil-cold':
			return {
				text: 'Garlic or herbs in oil: thaw in the refrigerator, opened, and never keep it warm without air.',
				sources: ['fsis-thawing']
			};
		case 'not-stuffed':
			return {
				text: 'Poultry stuffed raw at home is not frozen: freeze bird and stuffing apart, or cook it first.',
				sources: ['fsis-freezing']
			};
		case 'not-half-done':
			return {
				text: 'Raw means raw: meat that was browned is cooked through before it is cooled or frozen.',
				sources: ['fsis-partial-cooking']
			};
		case 'fish-not-raw':
			return {
				text: `Not to be eaten raw or rare: a household freezer does not kill parasites. ${tempText(63, habit)} in the middle does.`,
				sources: ['core-temperatures']
			};
		case 'fish-opened':
			return {
				text: 'Vacuum-packed fish: open it before it thaws.',
				sources: ['fsis-thawing']
			};
		case 'reheat-once':
			return {
				text: 'Make hot what is eaten: a second time it goes.',
				sources: ['uk-rice']
			};
		case 'plastic-off':
			return {
				text: 'Bag, film and label off before it goes into the pot.',
				sources: ['appliance-model']
			};
		case 'swollen':
			return {
				text: 'Swollen once thawed, or smelling wrong: discard it untasted.',
				sources: ['fsis-thawing']
			};
	}
}
