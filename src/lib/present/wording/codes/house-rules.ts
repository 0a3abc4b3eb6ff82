import { twoStageRule } from '../../../core/rules/index.ts';
import { durationText } from '../../time.ts';
import { dangerRangeText, tempNumber, tempText, volumeText, type Habit } from '../../units.ts';

/** Where practitioners differ: the question, what others do, what is done here, and why. */
export interface HouseRule {
	question: string;
	schools: string;
	here: string;
	why: string;
}

/** The choices made once for the whole application. */
export const houseRules = (habit: Habit): HouseRule[] => [
	{
		question: 'Frozen solid into a slow cooker',
		schools: 'Thaw in the refrigerator first; or drop the block in and add an hour or two.',
		here: 'Thaw first is the advice. The other way is computed and shown with its hours and its caution.',
		why: `Public advice says to thaw meat first: the outside of a block waits for hours between ${dangerRangeText(habit)} while the inside is ice.`
	},
	{
		question: 'Raw kit or cooked pack',
		schools: 'Raw in the bag and cooked once; or cooked, cooled, frozen and made hot again.',
		here: 'Both. A pack is raw or cooked, and with it go its life, cooling, core temperature and cook card.',
		why: 'Meat that is only browned may be neither chilled nor frozen: it is cooked through first, or the pack stays raw.'
	},
	{
		question: 'Soft cheese, cream, thickener, pasta, potato',
		schools: 'Kept back and added on the day; or frozen in.',
		here: 'Kept back: written on the label as “on the day”.',
		why: 'They separate, weep or go mushy in the freezer.'
	},
	{
		question: 'How long it keeps',
		schools: 'Two to three months; or six, and twelve in a deep freezer.',
		here: 'Published quality times by kind of food, the low end first; the household may lengthen by hand.',
		why: `Food kept at ${tempText(-18, habit)} stays safe; what is lost is quality. So the label says “best by”.`
	},
	{
		question: 'Reheating',
		schools: 'In the slow cooker; or quickly, then kept hot.',
		here: `Quickly: ${tempText(74, habit)} within 2 hours. Cooked food in a slow cooker is never better than caution.`,
		why: 'A slow cooker takes too long through the warm range.'
	},
	{
		question: 'Thin liquid in the pressure cooker',
		schools: 'What the recipe says; or at least a cup.',
		here: `At least ${volumeText(0.24, habit)} or what its manual says, whichever is more, at the bottom.`,
		why: 'Thick sauces do not come to pressure and burn.'
	},
	{
		question: 'Pressure time at altitude',
		schools: '5 % more for every 1,000 ft; or none.',
		here: 'Computed from the pressure inside, which sits on top of the thinner air.',
		why: 'The rule of thumb is a check on it, not an addition.'
	}
];

/** The cooling rule in one line, for the page of limits. */
export const coolingLimitText = (habit: Habit): string =>
	`Cooked food from ${tempNumber(twoStageRule.startC, habit)} to ${tempText(twoStageRule.firstGateC, habit)} within ${durationText(twoStageRule.firstGateMin)}, to ${tempText(twoStageRule.secondGateC, habit)} within ${durationText(twoStageRule.secondGateMin)} in all.`;
