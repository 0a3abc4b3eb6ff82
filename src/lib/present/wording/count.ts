const rules = new Intl.PluralRules('en');
type Forms = { readonly one: string; readonly other: string };

/** The form of a word for a number: 1 pack, 3 packs, 0 packs, 1.5 servings. A second language brings its own forms. */
export const plural = (n: number, { one, other }: Forms): string =>
	rules.select(n) === 'one' ? one : other;

/** A number with its word. */
export const count = (n: number, forms: Forms): string => `${n} ${plural(n, forms)}`;

const noun = (one: string, other = `${one}s`) => {
	const forms: Forms = { one, other };
	return (n: number) => count(n, forms);
};

/** What is counted again and again. */
export const packs = noun('pack');
export const servings = noun('serving');
export const lines = noun('line');
export const labels = noun('label');
export const days = noun('day');
export const weeks = noun('week');
export const hours = noun('hour');
export const readings = noun('reading');
export const sheets = noun('sheet');
export const recipes = noun('recipe');
export const dishes = noun('dish', 'dishes');
export const containers = noun('container');
export const things = noun('thing');
export const vessels = noun('vessel');
