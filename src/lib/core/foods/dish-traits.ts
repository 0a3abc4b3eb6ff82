import type { FactLine } from './dish-facts.ts';
import { isRawAnimalClass } from './raw-class.ts';

/** What in a dish asks for a caution of its own. */
export type DishTrait = 'dried-beans' | 'rice' | 'in-oil' | 'stuffed-poultry' | 'fish' | 'raw-meat';

/** Oil that holds garlic or herbs without air: from this share of the pack on. Judgement. */
const oilHolds01 = 0.15;
const fishGroups: ReadonlySet<string> = new Set(['fish-lean', 'fish-oily', 'shellfish']);
const stuffed = /\bstuff(?:ed|ing)\b/i;

/** The traits of a dish by its lines. `name` may say what no line does ("stuffed chicken"). */
export function dishTraits(input: {
	name: string;
	state: 'raw' | 'cooked';
	lines: readonly FactLine[];
}): DishTrait[] {
	const frozen = input.lines.filter(
		(line) => line.item && (line.stage === 'pack' || line.stage === 'inner')
	);
	const anywhere = input.lines.filter((line) => line.item && line.stage !== 'serve');
	const isLike = (line: FactLine, ...names: string[]) => names.includes(line.item?.like ?? '');
	const massKg = (lines: readonly FactLine[]) =>
		lines.reduce((sum, line) => sum + (line.massKg ?? 0), 0);
	const oilKg = massKg(frozen.filter((line) => isLike(line, 'oil')));
	const raw = input.state === 'raw';
	const poultry = frozen.some((line) => line.item?.hygiene === 'raw-poultry');
	const has: Record<DishTrait, boolean> = {
		'dried-beans': anywhere.some((line) => isLike(line, 'dried kidney beans')),
		rice: anywhere.some((line) => isLike(line, 'rice')),
		'in-oil':
			oilKg > oilHolds01 * massKg(frozen) && frozen.some((line) => isLike(line, 'garlic', 'herbs')),
		'stuffed-poultry':
			raw &&
			poultry &&
			(stuffed.test(input.name) || input.lines.some((line) => stuffed.test(line.text))),
		fish: raw && frozen.some((line) => fishGroups.has(line.item?.storage ?? '')),
		'raw-meat': raw && frozen.some((line) => line.item && isRawAnimalClass(line.item.hygiene))
	};
	return (Object.keys(has) as DishTrait[]).filter((trait) => has[trait]);
}
