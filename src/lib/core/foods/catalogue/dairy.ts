import type { Family } from './row.ts';

const hard = { like: 'hard cheese', keeps: 'weeks' } as const;
const soft = { like: 'soft cheese' } as const;

/** Milk, cream, yogurt and cheese of cows, goats, sheep and buffaloes. */
export const dairy: Family = {
	facts: {
		aisle: 'dairy',
		keeps: 'days',
		storage: 'soft-dairy',
		hygiene: 'ready-to-eat',
		allergens: ['milk'],
		cupG: 240
	},
	rows: [
		['milk', 'whole milk|semi skimmed milk|full fat milk|full cream milk|2 milk|low fat milk|cow milk|fresh milk|doodh|milk whole|reduced fat milk|+goat milk|sheep milk|buffalo milk|warm milk|lactose free milk|uht milk|1 milk', [3.3, 3.5, 4.8, 0, 0.7], { cupG: 244 }],
		['skimmed milk', 'skim milk|fat free milk|nonfat milk|non fat milk', [3.4, 0.1, 5, 0, 0.7], { cupG: 245, like: 'milk' }],
		['evaporated milk', 'tinned milk|unsweetened condensed milk|canned milk', [6.8, 7.6, 10, 0, 1.6], { cupG: 252, unitG: { can: 400 }, aisle: 'tins', keeps: 'cupboard', like: 'milk' }],
		['condensed milk', 'sweetened condensed milk|dulce de leche|caramel condensed milk|cajeta', [7.9, 8.7, 54, 0, 1.8], { cupG: 306, unitG: { can: 397 }, aisle: 'tins', keeps: 'cupboard', storage: null }],
		['milk powder', 'dried milk|powdered milk|skimmed milk powder|skim milk powder|nonfat dry milk|dry milk powder|dry milk|whey powder|whey protein|milk powder dried|buttermilk powder|protein powder|infant formula', [36, 1, 52, 0, 8], { cupG: 120, aisle: 'dry', keeps: 'cupboard', storage: null }],
		['buttermilk', 'cultured buttermilk|chaas|lassi', [3.3, 0.9, 4.5, 0, 0.8], { cupG: 245 }],
		['kefir', 'drinking yogurt|ayran|sour milk|soured milk|clabber|filmjolk', [3.4, 3.3, 4, 0, 0.7], { cupG: 243, like: 'buttermilk' }],
		['cream', 'liquid cream|cooking cream|fresh cream|light cooking cream|dairy cream|malai', [2.2, 30, 3.2, 0, 0.6], { cupG: 240 }],
		['double cream', 'heavy cream|heavy whipping cream|thickened cream|thick cream|+clotted cream|extra thick double cream|pure cream', [1.8, 44, 2.4, 0, 0.5], { cupG: 238, like: 'cream' }],
		['whipping cream', 'whipped cream|light whipping cream', [2.1, 33, 3, 0, 0.5], { cupG: 239, like: 'cream' }],
		['single cream', 'light cream|half and half|half half|coffee cream|pouring cream|table cream|half n half|half & half', [3, 17, 4, 0, 0.6], { cupG: 242, like: 'cream' }],
		['sour cream', '+creme fraiche|soured cream|smetana|schmand|light sour cream|reduced fat creme fraiche|crema|mexican crema|smantana|lite sour cream', [2.5, 21, 4, 0, 0.7], { cupG: 240 }],
		['yogurt', 'yoghurt|plain yogurt|+greek yogurt|natural yogurt|greek style yogurt|dahi|curd|plain yoghurt|natural yoghurt|greek yoghurt|set yogurt|thick yogurt|hung curd|+labneh|+skyr|full fat yogurt|low fat yogurt|plain curd|joghurt|fruit yogurt|strained yogurt|yoghurt natural', [4.5, 4.5, 5, 0, 0.8], { cupG: 245 }],
		['quark', 'curd cheese|topfen|+fromage frais|farmer cheese|fromage blanc|twarog|low fat quark|tvorog|farmers cheese', [11, 4, 3.8, 0, 0.8], { cupG: 240, ...soft }],
		['soft cheese', 'fresh cheese|spreadable cheese|garlic and herb cheese|herb cheese', [8, 25, 3.5, 0, 1.3], { cupG: 232 }],
		['cream cheese', 'full fat cream cheese|light cream cheese|neufchatel|full fat soft cheese|low fat cream cheese|cream cheese block|block cream cheese|reduced fat cream cheese|neufchatel cheese', [6, 33, 4, 0, 1.3], { cupG: 232, unitG: { block: 227, tub: 200, packet: 227, brick: 227 }, ...soft }],
		['ricotta', 'ricotta cheese|whole milk ricotta|fresh ricotta|part skim ricotta', [11, 12, 3, 0, 1.1], { cupG: 246, unitG: { tub: 250 }, ...soft }],
		['cottage cheese', 'small curd cottage cheese|low fat cottage cheese|2 cottage cheese', [11, 4.3, 3.4, 0, 1.4], { cupG: 225, ...soft }],
		['mascarpone', 'mascarpone cheese', [4.5, 44, 4, 0, 0.6], { cupG: 240, unitG: { tub: 250 }, ...soft }],
		['paneer', 'paneer cheese|indian cheese|queso blanco|cheese paneer', [19, 22, 4, 0, 2.2], { cupG: 180, unitG: { block: 225, packet: 225 }, like: 'hard cheese' }],
		['khoya', 'khoa|mawa', [16.3, 20.6, 16.5, 0, 4], { cupG: 200, source: 'ifct:L004' }],
		['halloumi', 'halloumi cheese|haloumi|grilling cheese|bread cheese', [22, 25, 2, 0, 4], { unitG: { block: 225, packet: 225 }, like: 'hard cheese', keeps: 'weeks' }],
		['feta', 'feta cheese|salad cheese|brinza|white cheese|sirene|+cotija|+queso fresco|greek cheese|bulgarian cheese|cotija cheese|crumbled feta|ricotta salata', [15.5, 22, 2, 0, 4.5], { cupG: 150, unitG: { block: 200, packet: 200 }, mixed: true }],
		['goat cheese', 'goat s cheese|chevre|soft goat cheese|goats cheese|goat cheese log', [18.5, 21, 1, 0, 1.8], { cupG: 140, unitG: { log: 150 }, ...soft }],
		['mozzarella', 'mozzarella cheese|mozzarella ball|fresh mozzarella|buffalo mozzarella|bocconcini|shredded mozzarella|grated mozzarella|burrata|mozzarella pearl|part skim mozzarella|fior di latte|string cheese|scamorza|oaxaca cheese|asadero', [22, 20, 2, 0, 2.5], { cupG: 113, pieceG: 125, unitG: { ball: 125, bag: 250, slice: 20 }, like: 'hard cheese' }],
		['hard cheese', 'cheese|grated cheese|mature cheese|shredded cheese|mexican blend cheese|colby|+monterey jack|+pepper jack|+red leicester|mexican cheese|tasty cheese|colby jack|double gloucester|cheese blend|cheese mix|melting cheese|mexican cheese blend|pizza cheese|three cheese blend|strong cheese|jack cheese|lancashire cheese|wensleydale|cheshire cheese|hard goat cheese|grated hard cheese|shredded mexican cheese|sliced cheese|queso|cheese curd', [25, 32, 1.5, 0, 3.6], { cupG: 113, unitG: { slice: 25, block: 250 }, keeps: 'weeks' }],
		['cheddar', 'cheddar cheese|mature cheddar|sharp cheddar|extra mature cheddar|vintage cheddar|mild cheddar|grated cheddar|sharp cheddar cheese|shredded cheddar|white cheddar', [25, 34, 0.5, 0, 3.8], { cupG: 113, unitG: { slice: 25, block: 250 }, ...hard }],
		['parmesan', 'parmesan cheese|parmigiano|parmigiano reggiano|+grana padano|+pecorino|pecorino romano|parmesan rind|romano cheese|+asiago|grated parmesan|rind of parmesan|+manchego|italian hard cheese|parmesan shaving|sbrinz', [35, 28, 1, 0, 4.5], { cupG: 90, unitG: { piece: 40 }, ...hard, mixed: true }],
		['gruyere', 'gruyere cheese|+emmental|emmenthal|swiss cheese|emmentaler|+comte|+jarlsberg|+gouda|+edam|mountain cheese|+raclette|+provolone|+fontina|tilsit|appenzell|bergkase|+havarti|tilsiter|butterkase|smoked cheese|smoked gouda|gouda cheese|edam cheese|beaufort|muenster|munster|gloucester|emmental cheese|fontina cheese|provolone cheese', [27, 31, 0.7, 0, 3.5], { cupG: 113, unitG: { slice: 25 }, ...hard, mixed: true }],
		['blue cheese', '+stilton|+gorgonzola|+roquefort|danish blue|dolcelatte|blue stilton|bleu cheese|bleu', [21, 30, 1.5, 0, 4], { cupG: 135, keeps: 'weeks', ...soft, mixed: true }],
		['brie', '+camembert|+taleggio|reblochon|soft ripened cheese|limburger|harzer|vacherin', [20, 26, 0.5, 0, 3], { cupG: 240, keeps: 'weeks', unitG: { wheel: 250 }, ...soft, mixed: true }],
		['processed cheese', 'american cheese|cheese slice|cheese spread|cheese sauce|processed cheese slice|canned cheese|melting cheese slice|nacho cheese|cheese triangle|queso dip|cheese dip|american cheese slice', [17, 24, 8, 0, 5], { cupG: 240, pieceG: 21, unitG: { slice: 21 }, keeps: 'weeks', like: 'soft cheese' }],
		['butter', 'unsalted butter|salted butter|butter unsalted|makhan|butter salted|sweet butter|garlic butter|herb butter|cultured butter', [0.7, 81.5, 0.6, 0, 1.2], { cupG: 227, unitG: { stick: 113, knob: 15, block: 250, pat: 5, piece: 10 }, keeps: 'weeks' }],
		['ghee', 'clarified butter|butterschmalz|desi ghee', [0.2, 99.3, 0, 0, 0.1], { cupG: 218, keeps: 'cupboard' }],
		['ice cream', 'vanilla ice cream|gelato|frozen yogurt', [3.5, 11, 24, 0.5, 0.9], { cupG: 132, checkPacket: true, allergens: ['milk', 'eggs'], storage: null }],
		['custard', 'vanilla custard|creme anglaise|vanilla sauce|creme patissiere|pastry cream', [3.5, 4.5, 16, 0, 0.7], { cupG: 255, allergens: ['milk', 'eggs'], checkPacket: true }]
	]
};

/** Fats and drinks that stand in for dairy. */
export const plantDairy: Family = {
	facts: {
		aisle: 'dairy',
		keeps: 'weeks',
		storage: 'soft-dairy',
		hygiene: 'ready-to-eat',
		cupG: 240
	},
	rows: [
		['plant milk', 'plant based milk|non dairy milk|dairy free milk|vegan milk|dairy free alternative milk|milk alternative|milk substitute|plant drink|plant based drink', [1.5, 1.8, 3.5, 0.5, 0.6], { checkPacket: true }],
		['almond milk', 'almond drink|unsweetened almond milk|cashew milk|hazelnut milk|nut milk|hazelnut drink|cashew drink', [0.5, 1.2, 1, 0.3, 0.5], { allergens: ['nuts (almond)'], like: 'plant milk' }],
		['soya milk', 'soy milk|soya drink|soy drink|unsweetened soya milk|soymilk|unsweetened soy milk', [3.3, 1.8, 1, 0.5, 0.6], { allergens: ['soybeans'], like: 'plant milk' }],
		['oat milk', 'oat drink', [1, 1.5, 6.6, 0.8, 0.5], { allergens: ['cereals (oats)'], like: 'plant milk' }],
		['rice milk', 'rice drink|hemp milk|pea milk|coconut drink|coconut milk drink', [0.3, 1, 9.5, 0.2, 0.3], { like: 'plant milk' }],
		['coconut milk', 'tin of coconut milk|can of coconut milk|light coconut milk|full fat coconut milk|lite coconut milk|reduced fat coconut milk|coconut milk light|thick coconut milk|thin coconut milk|nariyal doodh', [2, 20.5, 3.3, 0.5, 0.8], { cupG: 232, unitG: { can: 392, carton: 245 }, aisle: 'tins', keeps: 'cupboard' }],
		['coconut cream', 'creamed coconut|cream of coconut|coconut block|thick coconut cream|coconut manna|coconut creme', [3, 28, 5, 1.5, 1], { cupG: 240, unitG: { can: 392, block: 200, carton: 245 }, aisle: 'tins', keeps: 'cupboard', like: 'coconut milk' }],
		['plant cream', 'vegan cream|dairy free cream|oat cream|plant based cream|non dairy cream|cooking cream vegan|vegan creme fraiche|dairy free creme fraiche|vegan sour cream|dairy free sour cream|cashew cream|cream substitute|non dairy creamer|coffee creamer', [1, 17, 5, 0.5, 0.6], { checkPacket: true }],
		['soya cream', 'soy cream|soya single cream|soya cooking cream', [3, 17, 2, 0.5, 0.6], { allergens: ['soybeans'], like: 'plant cream' }],
		['plant yogurt', 'soya yogurt|vegan yogurt|dairy free yogurt|coconut yogurt|soy yogurt|soya yoghurt|oat yogurt|almond yogurt|plant based yogurt|non dairy yogurt', [4, 2.5, 3, 0.7, 0.7], { checkPacket: true }],
		['vegan cheese', 'dairy free cheese|plant based cheese|non dairy cheese|vegan parmesan|vegan cream cheese|dairy free cream cheese|vegan mozzarella|vegan cheddar|vegan feta', [2, 22, 20, 2, 3], { cupG: 113, checkPacket: true }],
		['margarine', 'baking spread|sunflower spread|vegan butter|dairy free butter|plant butter|plant based butter|baking margarine|dairy free spread|vegan spread|vegetable spread|low fat spread|buttery spread|block margarine|dairy free margarine|non dairy butter|butter substitute|vegan margarine', [0.2, 75, 0.5, 0, 1.5], { cupG: 227, unitG: { stick: 113, knob: 15 }, checkPacket: true, like: 'butter' }]
	]
};

/** Eggs, raw: counted by the piece. */
export const eggs: Family = {
	facts: {
		aisle: 'dairy',
		keeps: 'weeks',
		storage: 'egg-raw',
		hygiene: 'raw-egg',
		core: 'egg',
		allergens: ['eggs'],
		cupG: 243
	},
	rows: [
		['egg', 'hen egg|whole egg|free range egg|large egg|medium egg|small egg|anda|organic egg|egg wash|chicken egg|egg large|fresh egg|liquid egg|egg substitute', [12.6, 9.5, 0.8, 0, 1.1], { pieceG: 50 }],
		['egg yolk', 'yolk', [16, 27, 1, 0, 1.7], { pieceG: 18, like: 'egg' }],
		['egg white', 'albumen', [11, 0.2, 0.7, 0, 0.7], { pieceG: 32, like: 'egg' }],
		['hard-boiled egg', 'hard boiled egg|boiled egg|hard cooked egg|egg hard boiled|cooked egg|egg boiled|soft boiled egg|scotch egg|pickled egg', [12.6, 10.6, 1, 0, 1.1], { pieceG: 50, hygiene: 'ready-to-eat', core: null, storage: 'egg-bake' }],
		['duck egg', 'quail egg|goose egg', [12.8, 13.5, 1.4, 0, 1.1], { pieceG: 70, like: 'egg' }],
		['meringue', 'pavlova base|meringue nest', [5, 0.1, 90, 0, 0.5], { pieceG: 13, hygiene: 'ready-to-eat', core: null, storage: null, aisle: 'bread', keeps: 'cupboard' }]
	]
};
