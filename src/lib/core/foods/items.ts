import type { CoreTemperatureClass } from '../published/core-temperatures.ts';
import type { StorageGroup } from '../published/storage-life.ts';

/** What the hands or the board touch. */
export type Hygiene =
	'ready-to-eat' | 'raw-vegetable' | 'raw-egg' | 'raw-poultry' | 'raw-meat-fish';

/** One item as it stands in the catalogue. */
export interface ItemRow {
	readonly name: string;
	/** other names it is called by, plurals among them */
	readonly aliases: readonly string[];
	/** water, protein, fat, carbohydrate, fibre, ash */
	readonly gPer100g: readonly [number, number, number, number, number, number];
	/** as it is measured out */
	readonly densityKgPerL: number;
	/** null: not counted in pieces */
	readonly pieceG: number | null;
	/** null: keeps with whatever it is in (oil, salt, spices) */
	readonly storage: StorageGroup | null;
	readonly hygiene: Hygiene;
	/** when raw; null: needs no core temperature of its own */
	readonly core: CoreTemperatureClass | null;
	/** Regulation (EU) 1169/2011, Annex II */
	readonly allergens: readonly string[];
}

/**
 * The item catalogue. Compositions from memory, rounded; household densities and piece weights from memory of USDA FoodData
 * Central.
 */
export const itemRows: readonly ItemRow[] = [
	{ name: 'onion', aliases: ['onions', 'red onion', 'red onions', 'yellow onion', 'shallot', 'shallots', 'spring onion', 'spring onions'], gPer100g: [88.5, 1.1, 0.1, 8, 1.7, 0.6], densityKgPerL: 0.676, pieceG: 110, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'garlic', aliases: ['garlic clove', 'garlic cloves', 'cloves of garlic', 'clove of garlic', 'cloves garlic', 'clove garlic'], gPer100g: [58.6, 6.4, 0.5, 31, 2, 1.5], densityKgPerL: 0.575, pieceG: 3, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'carrot', aliases: ['carrots'], gPer100g: [88.3, 0.9, 0.2, 7, 2.8, 0.8], densityKgPerL: 0.541, pieceG: 70, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'celery', aliases: ['celery stalk', 'celery stalks', 'celery sticks', 'celeriac'], gPer100g: [95, 0.7, 0.2, 2, 1.5, 0.6], densityKgPerL: 0.427, pieceG: 40, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: ['celery'] },
	{ name: 'leek', aliases: ['leeks'], gPer100g: [87, 1.5, 0.3, 8.5, 1.8, 0.9], densityKgPerL: 0.38, pieceG: 180, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'potato', aliases: ['potatoes'], gPer100g: [79, 2, 0.1, 15.5, 2.2, 1.2], densityKgPerL: 0.634, pieceG: 170, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'sweet potato', aliases: ['sweet potatoes'], gPer100g: [77, 1.6, 0.1, 17, 3, 1.3], densityKgPerL: 0.56, pieceG: 200, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'parsnip', aliases: ['parsnips'], gPer100g: [79.5, 1.2, 0.3, 13, 4.9, 1.1], densityKgPerL: 0.56, pieceG: 120, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'turnip', aliases: ['turnips', 'swede', 'swedes'], gPer100g: [91, 0.9, 0.1, 5, 2, 0.8], densityKgPerL: 0.55, pieceG: 150, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'beetroot', aliases: ['beetroots', 'beets'], gPer100g: [87.5, 1.6, 0.2, 6.8, 2.8, 1.1], densityKgPerL: 0.57, pieceG: 110, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'sweet pepper', aliases: ['sweet peppers', 'bell pepper', 'bell peppers', 'red pepper', 'red peppers', 'green pepper', 'green peppers', 'yellow pepper', 'peppers'], gPer100g: [93, 0.9, 0.2, 4.5, 1.6, 0.4], densityKgPerL: 0.63, pieceG: 119, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'chilli', aliases: ['chillies', 'chili', 'chilies', 'chilli pepper', 'red chilli', 'green chilli', 'green chili', 'red chili', 'jalapeño', 'jalapeno', 'jalapeños', 'jalapenos'], gPer100g: [88, 1.9, 0.4, 7, 1.6, 0.8], densityKgPerL: 0.6, pieceG: 10, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'tomato', aliases: ['tomatoes', 'fresh tomatoes', 'cherry tomatoes'], gPer100g: [94.5, 0.9, 0.2, 2.7, 1.2, 0.5], densityKgPerL: 0.76, pieceG: 120, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'canned tomatoes', aliases: ['chopped tomatoes', 'tinned tomatoes', 'crushed tomatoes', 'tins of tomatoes', 'cans of tomatoes', 'can tomatoes', 'tin tomatoes', 'plum tomatoes'], gPer100g: [93.5, 1.1, 0.2, 3.2, 1, 1], densityKgPerL: 1.02, pieceG: 400, storage: 'vegetables', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'passata', aliases: ['tomato sauce', 'tomato passata', 'sieved tomatoes'], gPer100g: [91, 1.4, 0.2, 5, 1.4, 1], densityKgPerL: 1.03, pieceG: null, storage: 'vegetables', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'tomato paste', aliases: ['tomato puree', 'tomato purée', 'tomato concentrate'], gPer100g: [73.5, 4.3, 0.5, 15, 4.1, 2.6], densityKgPerL: 1.107, pieceG: null, storage: 'vegetables', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'aubergine', aliases: ['aubergines', 'eggplant', 'eggplants'], gPer100g: [92.5, 1, 0.2, 2.9, 3, 0.4], densityKgPerL: 0.35, pieceG: 300, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'courgette', aliases: ['courgettes', 'zucchini'], gPer100g: [94.8, 1.2, 0.3, 2.1, 1, 0.6], densityKgPerL: 0.52, pieceG: 200, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'squash', aliases: ['butternut squash', 'pumpkin', 'winter squash'], gPer100g: [88, 1, 0.1, 8.5, 1.6, 0.8], densityKgPerL: 0.59, pieceG: 900, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'fennel', aliases: ['fennel bulb', 'fennel bulbs', 'bulb of fennel'], gPer100g: [90, 1.2, 0.2, 4.2, 3.1, 1.1], densityKgPerL: 0.37, pieceG: 230, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'mushroom', aliases: ['mushrooms', 'chestnut mushrooms', 'button mushrooms'], gPer100g: [92.5, 3.1, 0.3, 2.3, 1, 0.8], densityKgPerL: 0.3, pieceG: 15, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'dried mushrooms', aliases: ['dried porcini', 'porcini'], gPer100g: [12, 20, 2.5, 45, 14, 6.5], densityKgPerL: 0.12, pieceG: null, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'spinach', aliases: ['spinach leaves', 'baby spinach', 'frozen spinach', 'leaf spinach'], gPer100g: [91.5, 2.9, 0.4, 1.4, 2.2, 1.6], densityKgPerL: 0.127, pieceG: null, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'chard', aliases: ['swiss chard', 'chard leaves'], gPer100g: [92.7, 1.8, 0.2, 2.1, 1.6, 1.6], densityKgPerL: 0.15, pieceG: null, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'kale', aliases: ['cavolo nero'], gPer100g: [85, 3.5, 0.9, 5, 4, 1.6], densityKgPerL: 0.28, pieceG: null, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'cabbage', aliases: ['white cabbage', 'red cabbage', 'savoy cabbage'], gPer100g: [92.2, 1.3, 0.1, 3.3, 2.5, 0.6], densityKgPerL: 0.38, pieceG: 900, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'cauliflower', aliases: ['cauliflower florets'], gPer100g: [92, 1.9, 0.3, 3, 2, 0.8], densityKgPerL: 0.45, pieceG: 600, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'broccoli', aliases: ['broccoli florets'], gPer100g: [89.3, 2.8, 0.4, 4, 2.6, 0.9], densityKgPerL: 0.38, pieceG: 350, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'green beans', aliases: ['french beans', 'runner beans'], gPer100g: [90.3, 1.8, 0.2, 4.3, 2.7, 0.7], densityKgPerL: 0.42, pieceG: null, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'peas', aliases: ['green peas', 'frozen peas', 'garden peas'], gPer100g: [79, 5.4, 0.4, 9, 5.3, 0.9], densityKgPerL: 0.61, pieceG: null, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'sweetcorn', aliases: ['corn', 'corn kernels', 'sweet corn'], gPer100g: [76, 3.3, 1.4, 16.5, 2.2, 0.6], densityKgPerL: 0.65, pieceG: null, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'ginger', aliases: ['fresh ginger', 'root ginger'], gPer100g: [79, 1.8, 0.8, 15.8, 2, 0.8], densityKgPerL: 0.4, pieceG: 30, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'olives', aliases: ['black olives', 'green olives'], gPer100g: [76, 1, 14, 3, 3, 3], densityKgPerL: 0.57, pieceG: 4, storage: 'vegetables', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'capers', aliases: [], gPer100g: [84, 2.4, 0.9, 1.7, 3.2, 7.8], densityKgPerL: 0.57, pieceG: null, storage: 'vegetables', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'lemon', aliases: ['lemons', 'lemon juice', 'juice of lemon', 'lime', 'limes', 'lime juice'], gPer100g: [90.5, 0.6, 0.3, 6.9, 1.4, 0.3], densityKgPerL: 1.03, pieceG: 60, storage: 'fruit', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'apple', aliases: ['apples'], gPer100g: [86, 0.3, 0.2, 11, 2.3, 0.2], densityKgPerL: 0.53, pieceG: 180, storage: 'fruit', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'plum', aliases: ['plums'], gPer100g: [87.4, 0.7, 0.3, 9.8, 1.4, 0.4], densityKgPerL: 0.7, pieceG: 60, storage: 'fruit', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'apricot', aliases: ['dried apricots', 'dried apricot', 'apricots'], gPer100g: [31, 3.4, 0.5, 55, 7.5, 2.6], densityKgPerL: 0.55, pieceG: 8, storage: 'fruit', hygiene: 'ready-to-eat', core: null, allergens: ['sulphites'] },
	{ name: 'raisins', aliases: ['sultanas', 'currants'], gPer100g: [15.5, 3.1, 0.5, 74.5, 4.2, 2.2], densityKgPerL: 0.61, pieceG: null, storage: 'fruit', hygiene: 'ready-to-eat', core: null, allergens: ['sulphites'] },
	{ name: 'dates', aliases: ['pitted dates'], gPer100g: [20.5, 2.5, 0.4, 67, 8, 1.6], densityKgPerL: 0.62, pieceG: 8, storage: 'fruit', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'prunes', aliases: ['dried plums'], gPer100g: [31, 2.2, 0.4, 57, 7, 2.4], densityKgPerL: 0.74, pieceG: 10, storage: 'fruit', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'berries', aliases: ['blueberries', 'raspberries', 'blackberries', 'mixed berries'], gPer100g: [85.5, 0.9, 0.4, 9, 3.8, 0.4], densityKgPerL: 0.6, pieceG: null, storage: 'fruit', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'banana', aliases: ['bananas'], gPer100g: [75, 1.1, 0.3, 20.2, 2.6, 0.8], densityKgPerL: 0.63, pieceG: 118, storage: 'fruit', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'lamb shoulder', aliases: ['lamb leg', 'diced lamb', 'stewing lamb', 'lamb', 'lamb neck'], gPer100g: [64, 17.5, 17.5, 0, 0, 1], densityKgPerL: 1.04, pieceG: null, storage: 'steaks-chops-roasts', hygiene: 'raw-meat-fish', core: 'whole-cut', allergens: [] },
	{ name: 'minced lamb', aliases: ['lamb mince', 'ground lamb'], gPer100g: [60, 16.6, 22.4, 0, 0, 1], densityKgPerL: 1, pieceG: null, storage: 'ground-meat', hygiene: 'raw-meat-fish', core: 'ground-meat', allergens: [] },
	{ name: 'beef shin', aliases: ['braising steak', 'stewing beef', 'beef chuck', 'chuck', 'beef', 'braising beef', 'brisket', 'beef brisket', 'stewing steak'], gPer100g: [68, 20.5, 10.5, 0, 0, 1], densityKgPerL: 1.04, pieceG: null, storage: 'steaks-chops-roasts', hygiene: 'raw-meat-fish', core: 'whole-cut', allergens: [] },
	{ name: 'minced beef', aliases: ['beef mince', 'ground beef', 'mince'], gPer100g: [62, 18.5, 18.5, 0, 0, 1], densityKgPerL: 1, pieceG: null, storage: 'ground-meat', hygiene: 'raw-meat-fish', core: 'ground-meat', allergens: [] },
	{ name: 'pork shoulder', aliases: ['pork', 'diced pork', 'pork neck', 'pork loin'], gPer100g: [66, 18, 15, 0, 0, 1], densityKgPerL: 1.03, pieceG: null, storage: 'steaks-chops-roasts', hygiene: 'raw-meat-fish', core: 'whole-cut', allergens: [] },
	{ name: 'minced pork', aliases: ['pork mince', 'ground pork'], gPer100g: [61, 17, 21, 0, 0, 1], densityKgPerL: 1, pieceG: null, storage: 'ground-meat', hygiene: 'raw-meat-fish', core: 'ground-meat', allergens: [] },
	{ name: 'sausage', aliases: ['sausages', 'pork sausage', 'pork sausages'], gPer100g: [54, 14, 26, 3, 0, 3], densityKgPerL: 1, pieceG: 60, storage: 'sausage-raw', hygiene: 'raw-meat-fish', core: 'ground-meat', allergens: [] },
	{ name: 'smoked sausage', aliases: ['cooked sausage', 'cured sausage', 'chorizo'], gPer100g: [50, 17, 28, 2, 0, 3], densityKgPerL: 1, pieceG: 90, storage: 'sausage-cooked', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'bacon', aliases: ['pancetta', 'smoked bacon', 'lardons'], gPer100g: [48, 15, 33, 1, 0, 3], densityKgPerL: 1, pieceG: 20, storage: 'bacon', hygiene: 'raw-meat-fish', core: 'whole-cut', allergens: [] },
	{ name: 'ham', aliases: ['cooked ham'], gPer100g: [73, 19, 5, 1, 0, 2], densityKgPerL: 1.05, pieceG: null, storage: 'cured-meat', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'chicken breast', aliases: ['chicken breasts', 'chicken breast fillets', 'chicken fillets'], gPer100g: [75, 22, 2, 0, 0, 1], densityKgPerL: 1.05, pieceG: 175, storage: 'poultry-pieces', hygiene: 'raw-poultry', core: 'poultry', allergens: [] },
	{ name: 'chicken thigh', aliases: ['chicken thighs', 'boneless chicken thighs', 'chicken thigh fillets', 'chicken', 'diced chicken', 'chicken pieces', 'chicken legs', 'chicken drumsticks'], gPer100g: [72.5, 18.5, 8, 0, 0, 1], densityKgPerL: 1.05, pieceG: 110, storage: 'poultry-pieces', hygiene: 'raw-poultry', core: 'poultry', allergens: [] },
	{ name: 'minced chicken', aliases: ['chicken mince', 'ground chicken', 'turkey mince', 'ground turkey', 'minced turkey'], gPer100g: [73, 18, 8, 0, 0, 1], densityKgPerL: 1, pieceG: null, storage: 'ground-meat', hygiene: 'raw-poultry', core: 'poultry', allergens: [] },
	{ name: 'turkey', aliases: ['turkey breast', 'turkey thigh', 'diced turkey'], gPer100g: [74.5, 22, 2.4, 0, 0, 1.1], densityKgPerL: 1.05, pieceG: null, storage: 'poultry-pieces', hygiene: 'raw-poultry', core: 'poultry', allergens: [] },
	{ name: 'white fish', aliases: ['cod', 'haddock', 'pollock', 'hake', 'white fish fillets', 'fish fillets', 'fish'], gPer100g: [81, 17.5, 0.5, 0, 0, 1], densityKgPerL: 1.04, pieceG: 150, storage: 'fish-lean', hygiene: 'raw-meat-fish', core: 'fish', allergens: ['fish'] },
	{ name: 'salmon', aliases: ['salmon fillet', 'salmon fillets', 'trout', 'mackerel', 'smoked salmon'], gPer100g: [67, 20.5, 11, 0, 0, 1.5], densityKgPerL: 1.04, pieceG: 150, storage: 'fish-oily', hygiene: 'raw-meat-fish', core: 'fish', allergens: ['fish'] },
	{ name: 'prawns', aliases: ['shrimp', 'shrimps', 'king prawns'], gPer100g: [79, 19, 0.8, 0.5, 0, 1.2], densityKgPerL: 1, pieceG: 10, storage: 'shellfish', hygiene: 'raw-meat-fish', core: 'fish', allergens: ['crustaceans'] },
	{ name: 'mussels', aliases: [], gPer100g: [80, 12, 2.2, 3.7, 0, 1.6], densityKgPerL: 1, pieceG: 10, storage: 'shellfish', hygiene: 'raw-meat-fish', core: 'fish', allergens: ['molluscs'] },
	{ name: 'anchovy', aliases: ['anchovies', 'anchovy fillets'], gPer100g: [50, 29, 10, 0, 0, 11], densityKgPerL: 1, pieceG: 4, storage: 'fish-oily', hygiene: 'ready-to-eat', core: null, allergens: ['fish'] },
	{ name: 'egg', aliases: ['eggs'], gPer100g: [76, 12.6, 9.5, 0.8, 0, 1.1], densityKgPerL: 1.03, pieceG: 50, storage: 'egg-raw', hygiene: 'raw-egg', core: 'egg', allergens: ['eggs'] },
	{ name: 'milk', aliases: ['whole milk', 'semi-skimmed milk'], gPer100g: [88, 3.3, 3.5, 4.7, 0, 0.7], densityKgPerL: 1.03, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'cream', aliases: ['double cream', 'single cream', 'whipping cream'], gPer100g: [60, 2.2, 34, 3.2, 0, 0.6], densityKgPerL: 1, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'sour cream', aliases: ['crème fraîche', 'creme fraiche', 'soured cream'], gPer100g: [71, 2.5, 21, 4.2, 0, 0.7], densityKgPerL: 1, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'yogurt', aliases: ['yoghurt', 'plain yogurt', 'greek yogurt', 'natural yogurt'], gPer100g: [85, 4.5, 4.5, 5, 0, 0.8], densityKgPerL: 1.03, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'buttermilk', aliases: [], gPer100g: [90.5, 3.3, 0.9, 4.5, 0, 0.8], densityKgPerL: 1.03, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'soft cheese', aliases: ['cream cheese', 'ricotta', 'cottage cheese', 'mascarpone'], gPer100g: [70, 10, 14, 4.5, 0, 1.5], densityKgPerL: 1, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'feta', aliases: ['feta cheese', 'goat cheese'], gPer100g: [55, 15.5, 22, 3, 0, 4.5], densityKgPerL: 0.63, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'hard cheese', aliases: ['cheddar', 'gruyere', 'grated cheese', 'parmesan', 'cheese', 'mozzarella'], gPer100g: [38, 26, 31, 1.2, 0, 3.8], densityKgPerL: 0.478, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'butter', aliases: [], gPer100g: [16, 0.8, 81, 0.5, 0, 1.7], densityKgPerL: 0.959, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'ghee', aliases: [], gPer100g: [0.5, 0.2, 99.3, 0, 0, 0], densityKgPerL: 0.92, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['milk'] },
	{ name: 'olive oil', aliases: ['oil', 'vegetable oil', 'sunflower oil', 'rapeseed oil'], gPer100g: [0, 0, 100, 0, 0, 0], densityKgPerL: 0.915, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'coconut milk', aliases: ['tin of coconut milk', 'can of coconut milk'], gPer100g: [73, 2, 21, 3, 0, 0.9], densityKgPerL: 0.98, pieceG: 400, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'flour', aliases: ['plain flour', 'wheat flour'], gPer100g: [12, 10.5, 1.2, 73, 2.8, 0.5], densityKgPerL: 0.528, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: ['cereals (wheat)'] },
	{ name: 'spelt flour', aliases: ['wholemeal flour', 'spelt'], gPer100g: [12, 12, 2.4, 64, 9, 1.6], densityKgPerL: 0.53, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: ['cereals (spelt)'] },
	{ name: 'pearl barley', aliases: ['barley'], gPer100g: [11, 9.5, 1.2, 68, 9, 1.2], densityKgPerL: 0.82, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: ['cereals (barley)'] },
	{ name: 'oats', aliases: ['rolled oats', 'porridge oats', 'oat flakes'], gPer100g: [9.5, 12.5, 7, 60, 9.5, 1.8], densityKgPerL: 0.38, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: ['cereals (oats)'] },
	{ name: 'breadcrumbs', aliases: ['bread crumbs', 'bread', 'stale bread', 'panko'], gPer100g: [20, 11, 3, 60, 3.5, 2.5], densityKgPerL: 0.45, pieceG: null, storage: 'bread-bakes', hygiene: 'ready-to-eat', core: null, allergens: ['cereals (wheat)'] },
	{ name: 'tortilla', aliases: ['tortillas', 'flour tortillas', 'wraps'], gPer100g: [31, 8.5, 7, 48, 3, 2.5], densityKgPerL: 0.5, pieceG: 60, storage: 'bread-bakes', hygiene: 'ready-to-eat', core: null, allergens: ['cereals (wheat)'] },
	{ name: 'puff pastry', aliases: ['shortcrust pastry', 'pastry'], gPer100g: [33, 5.5, 26, 33, 1.5, 1], densityKgPerL: 0.9, pieceG: null, storage: 'bread-bakes', hygiene: 'ready-to-eat', core: null, allergens: ['cereals (wheat)', 'milk'] },
	{ name: 'pasta', aliases: ['macaroni', 'penne', 'lasagne sheets', 'spaghetti', 'noodles', 'egg noodles'], gPer100g: [10, 13, 1.5, 71.5, 3.2, 0.8], densityKgPerL: 0.42, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: ['cereals (wheat)'] },
	{ name: 'couscous', aliases: ['bulgur', 'bulgur wheat'], gPer100g: [9, 12.5, 1, 70, 6, 1], densityKgPerL: 0.72, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: ['cereals (wheat)'] },
	{ name: 'rice', aliases: ['long grain rice', 'basmati rice', 'brown rice', 'white rice'], gPer100g: [12, 7, 0.8, 78.5, 1.2, 0.5], densityKgPerL: 0.782, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'quinoa', aliases: [], gPer100g: [13, 14, 6, 57, 7, 2.4], densityKgPerL: 0.72, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'polenta', aliases: ['cornmeal'], gPer100g: [12, 8, 1.5, 74, 3.5, 0.6], densityKgPerL: 0.68, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'red lentils', aliases: ['lentils', 'split red lentils', 'green lentils', 'brown lentils', 'puy lentils'], gPer100g: [10.5, 24, 1.5, 52, 10.5, 2.5], densityKgPerL: 0.81, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'dried beans', aliases: ['dried white beans', 'dried kidney beans', 'dried chickpeas', 'dried black beans'], gPer100g: [11.5, 21.5, 1.5, 46, 16, 3.9], densityKgPerL: 0.8, pieceG: null, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'chickpeas', aliases: ['canned chickpeas', 'cooked chickpeas', 'tins of chickpeas', 'cans of chickpeas'], gPer100g: [67, 7.2, 2.6, 15, 6, 1.2], densityKgPerL: 0.69, pieceG: 240, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'white beans', aliases: ['cannellini beans', 'butter beans', 'haricot beans', 'canned white beans', 'cooked white beans', 'borlotti beans'], gPer100g: [70, 7, 0.5, 14.5, 6, 1.5], densityKgPerL: 0.72, pieceG: 240, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'kidney beans', aliases: ['black beans', 'canned kidney beans', 'pinto beans', 'beans', 'baked beans'], gPer100g: [68, 7.8, 0.6, 15.5, 6.5, 1.4], densityKgPerL: 0.72, pieceG: 240, storage: 'grains-pulses', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'tofu', aliases: ['firm tofu'], gPer100g: [82, 9.5, 5, 1.8, 0.6, 0.9], densityKgPerL: 1, pieceG: null, storage: 'soft-dairy', hygiene: 'ready-to-eat', core: null, allergens: ['soybeans'] },
	{ name: 'sugar', aliases: ['brown sugar', 'caster sugar', 'granulated sugar', 'white sugar'], gPer100g: [0.3, 0, 0, 99.7, 0, 0], densityKgPerL: 0.845, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'honey', aliases: ['maple syrup', 'syrup', 'golden syrup'], gPer100g: [17.5, 0.4, 0, 81.8, 0.1, 0.2], densityKgPerL: 1.433, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'salt', aliases: ['sea salt'], gPer100g: [0.2, 0, 0, 0, 0, 99.8], densityKgPerL: 1.2, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'black pepper', aliases: ['pepper', 'peppercorns', 'ground pepper', 'ground black pepper'], gPer100g: [12.5, 10.5, 3.3, 44, 25, 4.7], densityKgPerL: 0.5, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'spice', aliases: ['cumin', 'ground cumin', 'coriander', 'ground coriander', 'cinnamon', 'cinnamon stick', 'paprika', 'smoked paprika', 'turmeric', 'ras el hanout', 'garam masala', 'curry powder', 'nutmeg', 'cloves', 'caraway', 'caraway seeds', 'chilli flakes', 'saffron', 'allspice', 'cardamom', 'mustard seeds', 'fennel seeds', 'cumin seeds', 'spice mix'], gPer100g: [9, 13, 13, 36, 23, 6], densityKgPerL: 0.45, pieceG: 2, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'herbs', aliases: ['thyme', 'rosemary', 'oregano', 'herbes de provence', 'mixed herbs', 'bay leaf', 'bay leaves', 'parsley', 'fresh coriander', 'coriander leaves', 'tarragon', 'basil', 'mint', 'dill', 'sage', 'marjoram', 'fresh parsley', 'fresh tarragon', 'chives'], gPer100g: [82, 3.3, 0.8, 7, 4.5, 2.4], densityKgPerL: 0.25, pieceG: 2, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'mustard', aliases: ['dijon mustard', 'wholegrain mustard'], gPer100g: [76, 5, 5, 7, 3.5, 3.5], densityKgPerL: 1.05, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['mustard'] },
	{ name: 'soy sauce', aliases: [], gPer100g: [70, 8, 0.5, 6, 0.5, 15], densityKgPerL: 1.077, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['soybeans', 'cereals (wheat)'] },
	{ name: 'vinegar', aliases: ['wine vinegar', 'cider vinegar', 'balsamic vinegar'], gPer100g: [94.5, 0.1, 0, 5, 0, 0.4], densityKgPerL: 1.01, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['sulphites'] },
	{ name: 'white wine', aliases: ['red wine', 'wine', 'dry white wine', 'cider'], gPer100g: [92, 0.1, 0, 7.6, 0, 0.3], densityKgPerL: 0.99, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['sulphites'] },
	{ name: 'stock', aliases: ['broth', 'chicken stock', 'vegetable stock', 'beef stock', 'chicken broth', 'vegetable broth', 'beef broth', 'lamb stock', 'fish stock'], gPer100g: [97.3, 0.6, 0.2, 0.6, 0, 1.3], densityKgPerL: 1, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['celery'] },
	{ name: 'water', aliases: ['hot water', 'cold water'], gPer100g: [100, 0, 0, 0, 0, 0], densityKgPerL: 1, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'starch', aliases: ['cornflour', 'cornstarch', 'potato starch'], gPer100g: [11, 0.4, 0.2, 88, 0.3, 0.1], densityKgPerL: 0.54, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'almonds', aliases: ['almond', 'flaked almonds', 'ground almonds'], gPer100g: [5, 21, 50, 9.5, 12, 2.5], densityKgPerL: 0.6, pieceG: 1, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['nuts (almond)'] },
	{ name: 'walnuts', aliases: ['walnut'], gPer100g: [4, 15, 65, 7, 7, 2], densityKgPerL: 0.42, pieceG: 4, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['nuts (walnut)'] },
	{ name: 'cashews', aliases: ['cashew nuts', 'cashew'], gPer100g: [5, 18, 44, 27, 3.3, 2.7], densityKgPerL: 0.55, pieceG: 2, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['nuts (cashew)'] },
	{ name: 'hazelnuts', aliases: ['hazelnut'], gPer100g: [5, 15, 61, 7, 10, 2], densityKgPerL: 0.5, pieceG: 1, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['nuts (hazelnut)'] },
	{ name: 'peanut butter', aliases: ['peanuts', 'peanut'], gPer100g: [3, 25, 50, 13, 6, 3], densityKgPerL: 1.09, pieceG: 1, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['peanuts'] },
	{ name: 'sesame', aliases: ['tahini', 'sesame seeds'], gPer100g: [5, 18, 50, 12, 11, 4], densityKgPerL: 0.9, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['sesame'] },
	{ name: 'baking powder', aliases: ['bicarbonate of soda', 'baking soda', 'yeast'], gPer100g: [6, 0.1, 0, 38, 0, 55.9], densityKgPerL: 0.9, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'vanilla', aliases: ['vanilla extract'], gPer100g: [85, 0, 0, 15, 0, 0], densityKgPerL: 0.9, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'chocolate', aliases: ['dark chocolate', 'cocoa', 'cocoa powder'], gPer100g: [2, 8, 40, 38, 10, 2], densityKgPerL: 0.6, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'ketchup', aliases: ['tomato ketchup', 'barbecue sauce'], gPer100g: [69, 1.2, 0.2, 26, 0.5, 3.1], densityKgPerL: 1.14, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'brown table sauce', aliases: ['worcestershire', 'worcestershire-style sauce', 'worcestershire style sauce'], gPer100g: [78, 0, 0, 19, 0, 3], densityKgPerL: 1.15, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['fish'] },
	{ name: 'curry paste', aliases: ['green curry paste', 'red curry paste', 'yellow curry paste', 'thai curry paste'], gPer100g: [65, 3, 8, 14, 5, 5], densityKgPerL: 1.05, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'pine nuts', aliases: ['pine nut', 'pine kernels'], gPer100g: [3, 14, 68, 9, 4, 2], densityKgPerL: 0.57, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: ['nuts'] },
	{ name: 'chili pepper', aliases: ['jalapeño', 'jalapeno', 'jalapeños', 'jalapenos', 'green chili', 'green chilli', 'red chili', 'red chilli', 'chillies', 'chilies'], gPer100g: [88, 1.9, 0.4, 7.5, 1.5, 0.7], densityKgPerL: 0.5, pieceG: 15, storage: 'vegetables', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'avocado', aliases: ['avocados'], gPer100g: [73, 2, 14.7, 2, 6.7, 1.6], densityKgPerL: 0.63, pieceG: 170, storage: 'fruit', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'pineapple', aliases: ['pineapples'], gPer100g: [86, 0.5, 0.1, 12, 1.2, 0.2], densityKgPerL: 0.7, pieceG: 900, storage: 'fruit', hygiene: 'raw-vegetable', core: null, allergens: [] },
	{ name: 'lard', aliases: ['dripping', 'beef dripping', 'goose fat', 'duck fat'], gPer100g: [0, 0, 100, 0, 0, 0], densityKgPerL: 0.9, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'salsa', aliases: ['tomato salsa', 'pico de gallo'], gPer100g: [90, 1.5, 0.2, 5.5, 1.5, 1.3], densityKgPerL: 1, pieceG: null, storage: 'vegetables', hygiene: 'ready-to-eat', core: null, allergens: [] },
	{ name: 'spirits', aliases: ['brandy', 'cognac', 'rum', 'whisky', 'whiskey', 'calvados'], gPer100g: [65, 0, 0, 35, 0, 0], densityKgPerL: 0.95, pieceG: null, storage: null, hygiene: 'ready-to-eat', core: null, allergens: [] }
];
