import { oddLines } from '../src/lib/formats/fixtures/odd-lines.ts';
import { longestLine } from '../src/lib/core/foods/index.ts';
import { parseIngredientLine } from '../src/lib/formats/ingredient-line.ts';
import { line, ms } from './timing.ts';

const times = (texts: readonly string[]): number[] =>
	texts
		.map((text) => {
			const from = performance.now();
			parseIngredientLine(text);
			return performance.now() - from;
		})
		.sort((a, b) => a - b);

/** Reading of ingredient lines: real ones, and the longest allowed made of whatever takes longest. Aim: 5 ms a line. */
export function benchLines(): void {
	const real = oddLines.map(([text]) => text);
	times(real);
	const usual = times(Array.from({ length: 20 }, () => real).flat());
	const hostile = [
		'1/2 ',
		'(',
		'1 x ',
		'chilli or ',
		'of ',
		'2 - 4 oz ',
		'a, ',
		'½',
		'and a half ',
		'cream '
	]
		.map((bit) => bit.repeat(Math.ceil(longestLine / bit.length)).slice(0, longestLine))
		.flatMap((text) => Array.from({ length: 20 }, () => text));
	const worst = times(hostile);
	const median = usual[Math.floor(usual.length / 2)];
	const at99 = usual[Math.floor(usual.length * 0.99)];
	const longest = worst[Math.floor(worst.length * 0.95)];
	line('a line, median', ms(median));
	line(
		'a line, slowest in a hundred',
		`${ms(at99)}, ${(at99 / median).toFixed(1)} times the median`
	);
	line(
		`${longestLine} hostile characters`,
		`${ms(longest)}, ${(longest / median).toFixed(1)} times the median`
	);
}
