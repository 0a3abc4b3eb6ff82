import { lineKeys, type LineCorrection } from '../core/foods/line-correction.ts';
import { parseIngredientLine, type ParsedLine } from './ingredient-line.ts';

const correctable = ['itemName', 'cut', 'stage', 'form', 'optional', 'alternatives'] as const;

/** Where saved lines differ from how their text is read: what the cook corrected, by the line's key. */
export function correctionsOf(
	lines: readonly Pick<ParsedLine, 'text' | (typeof correctable)[number]>[]
): Record<string, LineCorrection> {
	const found: Record<string, LineCorrection> = {};
	const keys = lineKeys(lines);
	lines.forEach((line, i) => {
		const read = parseIngredientLine(line.text);
		const changed = correctable.filter(
			(field) => JSON.stringify(line[field]) !== JSON.stringify(read[field])
		);
		if (changed.length)
			found[keys[i]] = Object.fromEntries(changed.map((field) => [field, line[field]]));
	});
	return found;
}
