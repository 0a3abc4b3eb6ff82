/** The public face of what a cook reads: numbers and days in the household's units. */
export { lineAmountText } from './amounts.ts';
export { metricHabit, usHabit, type Habit } from './habit.ts';
export { dayText, durationText, instantText, rangeText, thawingText } from './time.ts';
export { lengthText, massText, tempText, volumeText } from './units.ts';
