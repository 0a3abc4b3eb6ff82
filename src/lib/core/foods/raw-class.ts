import type { Hygiene } from './catalogue/row.ts';

/** Raw food of animals: hands and boards are washed after it. */
const rawAnimal: ReadonlySet<string> = new Set<Hygiene>([
	'raw-egg',
	'raw-poultry',
	'raw-meat-fish'
]);

/** Whether a class of hygiene is raw food of animals, eggs included. */
export const isRawAnimalClass = (hygiene: string | null | undefined): boolean =>
	rawAnimal.has(hygiene ?? '');

/** Whether a class of hygiene is raw meat, poultry or fish: what the core temperatures are about. */
export const isRawMeatClass = (hygiene: string | null | undefined): boolean =>
	hygiene !== 'raw-egg' && isRawAnimalClass(hygiene);
