import { nameWords } from '../foods/name-words.ts';
import type { StepLine } from './step.ts';

/** Words of an item that say how it comes, not what it is. */
const plain = new Set(
	'fresh dried frozen raw cooked canned tinned ground whole chopped diced sliced minced grated large small medium red green white black yellow brown sweet hot plain boneless skinless lean extra virgin of and or with in the a free'.split(
		' '
	)
);

const everything =
	/\b(everything|all the (?:rest|ingredients|vegetables)|all ingredients|the rest|all)\b/i;

/** What is made of something is not called by it: "the beef" is not the beef stock. */
const madeOf = new Set(
	'stock broth bouillon cube sauce paste puree powder oil vinegar juice zest seed milk cream flour crumb breadcrumb leaf flake syrup'.split(
		' '
	)
);

/** Words by which a line's item is called in a method: "lamb shoulder" is "the lamb", "canned tomatoes" "the tomatoes". */
function callNames({ item, itemName }: StepLine): string[] {
	const own = nameWords(item ?? '');
	const words = (own.length > 0 ? own : nameWords(itemName ?? '')).filter(
		(word) => !plain.has(word)
	);
	const head = words.at(-1);
	if (head !== undefined && madeOf.has(head)) return [head];
	return words.length > 0 ? words : own;
}

/** Which of a dish's lines a step's words name; `everything` names all of them. */
export function linesNamed<L extends StepLine>(text: string, lines: readonly L[]): L[] {
	if (everything.test(text))
		return lines.filter(({ stage }) => stage !== 'serve' && stage !== 'cook-day');
	const said = new Set(nameWords(text));
	const withAll = lines.filter((line) => callNames(line).some((word) => said.has(word)));
	if (withAll.length < 2) return withAll;
	// "chicken stock" is not "the chicken" when another line's words fit wholly
	return withAll.filter((line) => {
		const words = callNames(line);
		if (words.every((word) => said.has(word))) return true;
		const shared = words.filter((word) => said.has(word));
		return !withAll.some((other) => {
			if (other === line) return false;
			const names = callNames(other);
			return names.every((word) => said.has(word)) && shared.every((word) => names.includes(word));
		});
	});
}
