import { amountAt, evened } from './line-amount.ts';
import { parseIngredientLine } from './ingredient-line.ts';
import type { RecipeDraft } from './recipe-draft.ts';
import { servingsOf } from './recipe-yield.ts';

const more = String.raw`\s*(?:\(.*\)|for \d.*|serves \d.*)?\s*[-:：–—]?\s*`;
const ingredientsHead = new RegExp(
	`^(?:the )?(?:ingredients?(?: required| needed| list)?|what (?:you|you'll|you’ll|you will) need|(?:you(?:'ll|’ll| will)? )need|you need|shopping(?: list)?|grocer(?:y|ies)(?: list)?|things you need)${more}$`,
	'i'
);
const methodHead = new RegExp(
	`^(?:the )?(?:(?:cooking |preparation |step by step |recipe )?(?:method|instructions?|directions?|procedure|steps?|process)(?: of preparation)?|preparation|how to (?:make|cook|prepare|do)\\b.{0,40}|what to do|to make|making|let's cook|do this|here'?s how|preparation method|cooking)${more}$`,
	'i'
);
/** What is kept with the method: it is read by people, not measured out. */
const notesHead =
	/^(?:(?:recipe |cook'?s |chef'?s )?(?:notes?|tips?(?: and tricks)?)|storage|to store|to freeze|freezing(?: instructions| tips)?|to reheat|reheating(?: instructions)?|variations?|serving suggestions?|equipment|make ahead|to serve with|nutrition(?:al)?(?: facts| info(?:rmation)?)?|freezer instructions|to cook from frozen|to thaw)\s*[:：]?\s*$/i;
/** Parts of the ingredients: "For the sauce:", "To garnish:". */
const partHead =
	/^(?:(?:for|to make) (?:the |a )?[\p{L} &-]{2,40}|to (?:serve|garnish|finish)|(?:the )?(?:sauce|marinade|topping|filling|dough|dressing|crust|base|garnish|tempering|masala|spice mix|batter|glaze|optional(?: extras)?))\s*[:：]$/iu;
const yieldLine =
	/^\W*(?:serves|servings?|makes|yields?|feeds|portions?|recipe yield)\b.*(?:\d|\b(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve)\b)|^\W*(?:for )?\d+\s*(?:-\s*\d+\s*)?(?:servings|portions|people|persons)\b\W*$|^\(?(?:serves|for) \d+(?:\s*(?:-|to)\s*\d+)?(?: people| persons)?\)?$/i;
/** What a page says around its recipe. */
const pageWords =
	/^\W*(?:jump to|print(?: recipe)?|pin(?: it| recipe)?|save(?: recipe)?|share|rate(?: this)?|leave a comment|advertisement|scroll down|(?:\d+(?:\.\d+)? )?(?:from )?\d* ?(?:votes?|reviews?|ratings?)|★+|author|published|course|cuisine|category|keywords?|calories|by )\b.{0,60}$/i;
const timeLine =
	/^\W*(?:(?:prep(?:aration)?|cook(?:ing)?|total|active|hands[- ]on|resting|chill(?:ing)?|marinating|soaking|additional|inactive|ready in|takes|time)(?:[- ]?time)?)\b\s*[:：-]?\s*(?:about |approx\.? )?\d.{0,60}$/i;
/** What is said to somebody before the recipe begins. */
const greeting =
	/^(?:hi|hello|hey|dear|thanks|thank you|here(?:'|’)?s|here is|here are)\b.*[!.,:]$/i;
/** "Potato gratin, serves 8": the yield behind a title. */
const yieldBehind =
	/\s*[,|·–-]?\s*\(?\b(?:serves|makes)\s+(?:\d+(?:\s*(?:-|–|to)\s*\d+)?)(?:\s*people)?\)?$/i;
const rule = /^\s*(?:[-=*_~•]\s?){3,}$/;

const tidy = (line: string) =>
	line
		.replace(/^\s*#{1,6}\s+/, '')
		.replace(/^\*\*(.*?)\*\*:?$/, '$1')
		.trim();

/** Lines of a paste: tabs and wide gaps part columns when each has its own amount, else they are spaces. */
function linesOf(text: string): string[] {
	return text
		.replace(/\r/g, '')
		.split('\n')
		.flatMap((line) => {
			const cells = line
				.trim()
				.split(/\t+|\s{3,}/)
				.map((cell) => cell.trim())
				.filter(Boolean);
			const columns = cells.length > 1 && cells.every((cell) => hasAmountAndName(cell));
			return columns ? cells : [cells.join(' ')];
		})
		.map((line) => (line === '' ? '' : tidy(line)));
}

const hasAmountAndName = (cell: string) => {
	const read = amountAt(evened(cell));
	return read !== null && /\p{L}{3}/u.test(read.rest);
};

/** An amount alone on its line belongs to the name on the next. */
function joinedAmounts(lines: readonly string[]): string[] {
	const joined: string[] = [];
	let held = '';
	for (const line of lines) {
		const alone = /^[\d½⅓⅔¼¾⅛]/.test(line) && !/^\d{1,2}[.)]$/.test(line) && isBareAmount(line);
		if (alone && !held) held = line;
		else {
			joined.push(held && line ? `${held} ${line}` : held || line);
			held = '';
		}
	}
	if (held) joined.push(held);
	return joined;
}

function isBareAmount(line: string): boolean {
	const read = amountAt(evened(line));
	return read !== null && read.rest.trim() === '';
}

/**
 * The recipes of a pasted text, one or several: a title, ingredients and method, in whatever order. A second list of ingredients
 * after a method, or a line across the paste with a title after it, begins another recipe.
 */
export function recipesOfText(text: string): RecipeDraft[] {
	const lines = linesOf(text);
	const starts = [0];
	let seenMethod = false;
	let seenIngredients = false;
	for (let i = 0; i < lines.length; i++) {
		if (methodHead.test(lines[i])) seenMethod = true;
		if (!ingredientsHead.test(lines[i])) continue;
		if (seenIngredients && seenMethod) {
			const title = titleBefore(lines, i, starts.at(-1) ?? 0);
			if (title !== null) {
				starts.push(title);
				seenMethod = false;
			}
		}
		seenIngredients = true;
	}
	return starts
		.map((start, i) => recipeOf(lines.slice(start, starts[i + 1])))
		.filter((draft): draft is RecipeDraft => draft !== null);
}

/** Where the title of the recipe stands whose ingredients begin here: the first line after the last gap or rule. */
function titleBefore(lines: readonly string[], head: number, after: number): number | null {
	let at = head - 1;
	while (at > after && (lines[at] === '' || yieldLine.test(lines[at]) || timeLine.test(lines[at])))
		at--;
	if (at <= after) return null;
	// a note on the dish may stand between its title and its list
	while (
		at - 1 > after &&
		lines[at - 1] !== '' &&
		!rule.test(lines[at - 1]) &&
		lines[at].length > 60
	)
		at--;
	return isTitle(lines[at]) ? at : null;
}

const isTitle = (line: string) =>
	line.length <= 80 && !/[.!?]$/.test(line) && !/^\d+[.)]\s/.test(line);

type Part = 'start' | 'ingredients' | 'method';

function recipeOf(all: readonly string[]): RecipeDraft | null {
	const lines = all.filter((line) => line !== '' && !rule.test(line));
	const first = lines.findIndex(
		(line) => !pageWords.test(line) && !timeLine.test(line) && !greeting.test(line)
	);
	if (first < 0) return null;
	const untitled = ingredientsHead.test(lines[first]);
	const name = untitled ? '' : lines[first].replace(/^recipe\s*:\s*/i, '').replace(/[:：]$/, '');
	const rest = joinedAmounts(lines.slice(untitled ? first : first + 1));
	const draft: RecipeDraft = {
		name: name.replace(yieldBehind, '') || name,
		servings: /\b(?:serves|makes|for)\s+\d/i.test(name) ? servingsOf(name) : null,
		ingredients: [],
		method: '',
		own: null
	};
	const steps: string[] = [];
	const headed = rest.some((line) => ingredientsHead.test(line) || methodHead.test(line));
	let part: Part = 'start';
	for (const line of rest) {
		const found = yieldLine.test(line) || ingredientsHead.test(line) ? servingsOf(line) : null;
		if (found !== null && draft.servings === null) draft.servings = found;
		const inline = /^(ingredients?|method|instructions?|directions?)\s*[:：]\s*(\S.*)$/i.exec(line);
		if (ingredientsHead.test(line)) part = 'ingredients';
		else if (methodHead.test(line)) part = 'method';
		else if (notesHead.test(line)) {
			part = 'method';
			steps.push(line);
		} else if (inline) {
			part = /^ingr/i.test(inline[1]) ? 'ingredients' : 'method';
			if (part === 'ingredients') draft.ingredients.push(...commaList(inline[2]));
			else steps.push(inline[2]);
		} else if (yieldLine.test(line) && part !== 'method') continue;
		else if (timeLine.test(line) || (part !== 'method' && pageWords.test(line))) continue;
		else if (part === 'ingredients') draft.ingredients.push(...ingredientLines(line));
		else if (part === 'method') {
			// a list that comes back after a step: only where no heading parts them
			if (!headed && looksLikeIngredient(line) && steps.length < 2) draft.ingredients.push(line);
			else if (!yieldLine.test(line)) steps.push(line);
		} else if (headed) {
			if (partHead.test(line) || looksLikeIngredient(line)) draft.ingredients.push(line);
			else steps.push(line);
		} else if (
			partHead.test(line) ||
			looksLikeIngredient(line) ||
			(steps.length === 0 && isShort(line))
		)
			draft.ingredients.push(...ingredientLines(line));
		else {
			steps.push(line);
			if (steps.length > 1) part = 'method';
		}
	}
	draft.method = steps.join('\n');
	return draft;
}

/** "2 onions, 3 carrots, 500 g beef" in one line: parted before each amount. */
function commaList(line: string): string[] {
	const parts = line.split(/[,;]\s+(?=(?:\d|[½⅓⅔¼¾]|an?\s))/);
	return parts.length > 2 ? parts : [line];
}

const ingredientLines = (line: string) => (line.length > 100 ? commaList(line) : [line]);

/** A few words without an end: before the first sentence, a thing rather than a step. */
const isShort = (line: string) => line.split(/\s+/).length <= 4 && !/[.!?]$/.test(line);
/** Steps begin with what is done. */
const stepVerb =
	/^(?:\d+[.)]\s*|step \d+\W*)?(?:add|arrange|assemble|bake|beat|blend|boil|braise|bring|brown|brush|chill|chop|combine|cook|cool|cover|cut|dice|drain|drizzle|fill|fold|freeze|fry|garnish|gently|grate|grease|grill|heat|in a|knead|label|layer|leave|let|line|marinate|mash|melt|mix|once|peel|place|poach|pour|preheat|press|pressure|put|reduce|remove|rinse|roast|roll|rub|saut[eé]|season|serve|set|shape|shred|simmer|slice|slow|soak|soften|spoon|spread|sprinkle|steam|stir|store|strain|sweat|take|thaw|tip|top|toss|transfer|turn|use|wash|when|whisk|wrap)\b/i;

function looksLikeIngredient(line: string): boolean {
	if (line.length > 90 || /[.!?]$/.test(line)) return false;
	const bulleted = /^\s*(?:[-•*▢☐☑✓▪●]|\[[ x]?\])\s*/.test(line);
	if (!bulleted && stepVerb.test(line)) return false;
	const { quantity, itemName } = parseIngredientLine(line);
	return (
		quantity !== null ||
		(itemName !== null && line.split(/\s+/).length <= 5) ||
		/^(a|an|some)\s/i.test(line)
	);
}
