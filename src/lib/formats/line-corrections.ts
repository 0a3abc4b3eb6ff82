import { type LineCorrection, lineKeys } from '../core/foods/index.ts';
import { parseIngredientLines, type ParsedLine } from './ingredient-line.ts';

const correctable = [
	'itemName',
	'cut',
	'stage',
	'form',
	'optional',
	'alternatives',
	'quantity',
	'quantityTo',
	'unit'
] as const;

/** Where saved lines differ from how their text is read: what the cook corrected or settled, by the line's key. */
export function correctionsOf(
	lines: readonly Pick<ParsedLine, 'text' | 'doubts' | (typeof correctable)[number]>[]
): Record<string, LineCorrection> {
	const found: Record<string, LineCorrection> = {};
	const keys = lineKeys(lines);
	const fresh = parseIngredientLines(lines.map(({ text }) => text).join('\n'));
	lines.forEach((line, i) => {
		const read = fresh[i];
		const changed = correctable.filter(
			(field) => JSON.stringify(line[field]) !== JSON.stringify(read[field])
		);
		const settled =
			read.doubts.length > 0 && line.doubts.length === 0 && !changed.includes('itemName');
		if (changed.length || settled)
			found[keys[i]] = {
				...Object.fromEntries(changed.map((field) => [field, line[field]])),
				...(settled && { settled: true })
			};
	});
	return found;
}
