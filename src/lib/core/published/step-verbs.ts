import type { StepPlace } from '../steps/step.ts';
import { dayWork } from './day-work.ts';

/** A verb of a method: what it needs and how long it takes when the words do not say. Judgement, but for what is said beside it. */
export interface StepVerb {
	/** in the imperative, as methods are written */
	readonly words: RegExp;
	/** `as-before`: where the step before it stands */
	readonly place: StepPlace | 'as-before' | 'appliance';
	readonly minutes: number;
	readonly perBatchMin: number;
	readonly hands: boolean;
	readonly kind?: 'preheat' | 'cut' | 'shape' | 'cook-day' | 'closing' | 'wait';
	/** it begins a step of its own within a sentence */
	readonly own?: boolean;
}

/** The first that fits leads. */
export const stepVerbs: readonly StepVerb[] = [
	{
		words:
			/preheat|pre-heat|(?:heat|turn on|switch on|set)\s+(?:up\s+)?(?:the\s+|your\s+)?(?:oven|grill)/,
		place: 'oven',
		minutes: dayWork.preheatMin,
		perBatchMin: 0,
		hands: false,
		kind: 'preheat',
		own: true
	},
	{
		words: /serve|garnish|enjoy|dish up/,
		place: 'none',
		minutes: 2,
		perBatchMin: 1,
		hands: true,
		kind: 'cook-day',
		own: true
	},
	{
		words:
			/freeze|label|bag up|chill|refrigerate|cool|let cool|leave to cool|let (?:it|them|everything) cool|pack (?:into|in)/,
		place: 'none',
		minutes: 0,
		perBatchMin: 0,
		hands: false,
		kind: 'closing',
		own: true
	},
	{
		words: /pressure[- ]?cook/,
		place: 'pressure-cooker',
		minutes: 45,
		perBatchMin: 10,
		hands: false,
		own: true
	},
	{
		words: /slow[- ]?cook/,
		place: 'slow-cooker',
		minutes: 420,
		perBatchMin: 0,
		hands: false,
		own: true
	},
	{ words: /microwave/, place: 'microwave', minutes: 5, perBatchMin: 4, hands: false, own: true },
	{
		words: /bake|roast|grill|broil/,
		place: 'oven',
		minutes: 40,
		perBatchMin: 5,
		hands: false,
		own: true
	},
	{
		words:
			/brown|sear|(?:stir-|deep-|shallow-|dry-)?fry|saut[ée]|soften|sweat|toast|caramelise|caramelize|char/,
		place: 'burner',
		minutes: 12,
		perBatchMin: 8,
		hands: true,
		own: true
	},
	{
		words: /simmer|stew|braise|bubble|reduce/,
		place: 'burner',
		minutes: 45,
		perBatchMin: 5,
		hands: false,
		own: true
	},
	{
		words: /bring\b[^,;]*\b(?:to (?:the|a) (?:\w+ )?(?:boil|simmer)|back to)/,
		place: 'burner',
		minutes: 8,
		perBatchMin: 4,
		hands: false,
		own: true
	},
	{
		words: /boil|poach|blanch|steam|parboil/,
		place: 'burner',
		minutes: 15,
		perBatchMin: 4,
		hands: false,
		own: true
	},
	{ words: /cook/, place: 'appliance', minutes: 15, perBatchMin: 4, hands: false, own: true },
	{ words: /melt|heat|warm/, place: 'burner', minutes: 3, perBatchMin: 1, hands: true, own: true },
	{
		words: /shape|form|roll|wrap|stuff|fold over|crimp|divide[^,;]*into balls|make into/,
		place: 'bowl',
		minutes: 10,
		perBatchMin: 10,
		hands: true,
		kind: 'shape',
		own: true
	},
	{ words: /drain|strain/, place: 'sink', minutes: 2, perBatchMin: 1, hands: true, own: true },
	{ words: /rinse|wash/, place: 'sink', minutes: 3, perBatchMin: 1, hands: true, own: true },
	{ words: /knead/, place: 'board', minutes: 10, perBatchMin: 6, hands: true, own: true },
	{
		words:
			/soak|marinate|prove|rise|rest|let (?:it |them |everything )?(?:rest|stand|sit|rise|prove|drain)|leave|set aside/,
		place: 'none',
		minutes: 10,
		perBatchMin: 0,
		hands: false,
		kind: 'wait'
	},
	{
		words: /mash|blend|pur[ée]e|whizz|liquidise|process|shred|pull apart|flake/,
		place: 'bowl',
		minutes: 5,
		perBatchMin: 3,
		hands: true,
		own: true
	},
	{
		words: /chop|dice|slice|cut|peel|grate|mince|cube|halve|quarter|trim|crush|core|deseed|de-seed/,
		place: 'board',
		minutes: 5,
		perBatchMin: 5,
		hands: true,
		kind: 'cut'
	},
	{
		words: /layer|assemble/,
		place: 'bowl',
		minutes: 6,
		perBatchMin: 5,
		hands: true,
		own: true
	},
	{
		words: /mix|combine|whisk|beat|fold|toss|fill|spread|cream|rub/,
		place: 'bowl',
		minutes: 4,
		perBatchMin: 2,
		hands: true
	},
	{
		words:
			/add|stir|pour|tip|return|put|place|lay|arrange|season|sprinkle|scatter|cover|top|line|grease|oil|spoon|dot|drizzle|taste|thin|thicken|turn|transfer|divide|open|skim|discard|remove|lift|take/,
		place: 'as-before',
		minutes: 2,
		perBatchMin: 1,
		hands: true
	}
];

/** Words after which "brown", "roast", "stew" and the like name a food, not work: "brown sugar", "stewing steak", "baking powder". */
export const foodsCalledLikeWork =
	/\b(?:brown(?:ed)?\s+(?:sugar|rice|lentils?|bread|sauce|basmati|flour|breadcrumbs?|crumbs|butter beans?)|roast(?:ed|ing)?\s+(?:pepper|peppers|tin|tray|dish|garlic|tomatoes|vegetables|joint)|stew(?:ed|ing)\s+\w+|bak(?:ed|ing)\s+(?:powder|soda|tray|sheet|dish|tin|paper|parchment|potatoes|beans)|boil(?:ed|ing)\s+(?:water|eggs?|potatoes)|fry(?:ing)?\s+pan|grill(?:ed)?\s+pan|cook(?:ed|ing)\s+(?:oil|apples?|liquid|water|juices|sauce|chicken|rice|pasta|ham|lentils|beans|time|pot)|cream(?:ed)?\s+(?:cheese|of|corn)|ground|toast(?:ed)?\s+(?:nuts|seeds|bread)|top(?:s|ping)|sliced?\s+(?:bread)|mix(?:ed)?\s+(?:spice|herbs|vegetables|beans)|oil\s+(?:in|over)|core temperature|line\s+of|heat(?:ed)?\s+through)\b/gi;

/** Sentences that say nothing to do. */
export const noWork =
	/^(?:enjoy\b|serves?\s+\d|makes?\s+(?:about\s+)?\d+\s*(?:servings?|portions?)?$|delicious|that'?s it|note|tip)\b/i;

/** Pieces that dishes come in: how long one takes to shape, how many lie on a tray. Judgement, from how home kitchens work. */
export const pieceKinds: readonly {
	readonly words: RegExp;
	readonly shapeMin: number;
	readonly perTray: number;
}[] = [
	{ words: /meatballs?|falafels?|(?:small )?balls/, shapeMin: 0.5, perTray: 30 },
	{
		words: /patt(?:y|ies)|burgers?|fritters?|rissoles?|fishcakes?/,
		shapeMin: 0.75,
		perTray: 12
	},
	{
		words: /(?:filled )?rolls?|burritos?|enchiladas?|wraps?|parcels?|spring rolls?/,
		shapeMin: 1.25,
		perTray: 15
	},
	{
		words: /pockets?|pasties|pasty|turnovers?|empanadas?|dumplings?|ravioli|samosas?/,
		shapeMin: 1.5,
		perTray: 12
	},
	{ words: /egg cups?|cups?|muffins?|tartlets?/, shapeMin: 0.3, perTray: 12 },
	{
		words: /dough balls?|buns?|bread rolls?|scones?|cookies|biscuits/,
		shapeMin: 0.5,
		perTray: 16
	}
];
/** Pieces of another kind. */
export const otherPieces = { shapeMin: 0.75, perTray: 15 } as const;
