import type { Family } from './row.ts';

const sulphites = ['sulphites'];

/** Fruit as it is bought fresh or frozen. */
export const fruit: Family = {
	facts: { aisle: 'greens', keeps: 'days', storage: 'fruit', hygiene: 'raw-vegetable', cupG: 150 },
	rows: [
		['lemon', 'preserved lemon fresh|unwaxed lemon|lemon zest|lemon rind|lemon peel|lemon wedge|lemon slice|zest lemon', [1.1, 0.3, 6.5, 2.8, 0.3], { cupG: 212, pieceG: 100, unitG: { slice: 8, wedge: 15 }, keeps: 'weeks' }],
		['lemon juice', 'juice lemon|fresh lemon juice|bottled lemon juice|juice of lemon', [0.4, 0.2, 6.6, 0.3, 0.2], { cupG: 244, pieceG: 45, hygiene: 'ready-to-eat', keeps: 'weeks', like: 'lemon' }],
		['lime', 'lime zest|lime wedge|nimbu|key lime|zest lime', [0.7, 0.2, 7.7, 2.8, 0.3], { cupG: 212, pieceG: 67, unitG: { wedge: 10 }, keeps: 'weeks' }],
		['lime juice', 'juice lime|fresh lime juice|juice of lime', [0.4, 0.1, 8, 0.4, 0.3], { cupG: 246, pieceG: 30, hygiene: 'ready-to-eat', keeps: 'weeks', like: 'lime' }],
		['orange', 'orange zest|navel orange|+blood orange|orange rind|orange peel|+mandarin|+clementine|tangerine|satsuma|zest orange|seville orange', [0.9, 0.1, 9.4, 2.4, 0.4], { cupG: 180, pieceG: 130, keeps: 'weeks' }],
		['orange juice', 'juice orange|fresh orange juice|juice of orange|clementine juice', [0.7, 0.2, 10.2, 0.2, 0.4], { cupG: 248, pieceG: 75, hygiene: 'ready-to-eat', aisle: 'drinks', keeps: 'weeks' }],
		['grapefruit', '+pomelo|pink grapefruit', [0.8, 0.1, 9, 1.6, 0.3], { cupG: 230, pieceG: 250, keeps: 'weeks' }],
		['apple', 'cooking apple|eating apple|bramley apple|green apple|red apple|granny smith|granny smith apple|dessert apple|tart apple|bramley|gala apple', [0.3, 0.2, 11.4, 2.4, 0.2], { cupG: 125, pieceG: 180, keeps: 'weeks' }],
		['pear', 'conference pear|nashi|asian pear', [0.4, 0.1, 12.1, 3.1, 0.3], { cupG: 140, pieceG: 170 }],
		['quince', 'membrillo fruit', [0.4, 0.1, 13.4, 1.9, 0.4], { cupG: 130, pieceG: 250, keeps: 'weeks' }],
		['plum', 'red plum|+damson|greengage|victoria plum|mirabelle|zwetschge', [0.7, 0.3, 10, 1.4, 0.4], { cupG: 165, pieceG: 60 }],
		['fresh apricot', 'apricot fresh|apricots fresh|ripe apricot', [1.4, 0.4, 9.1, 2, 0.7], { cupG: 155, pieceG: 35 }],
		['peach', '+nectarine|canned peach|peach slice', [0.9, 0.2, 8.2, 1.5, 0.4], { cupG: 154, pieceG: 150, unitG: { can: 410 }, drained01: 0.6 }],
		['cherry', '+sour cherry|morello cherry|black cherry|sweet cherry|pitted cherry', [1.1, 0.2, 13, 1.7, 0.5], { cupG: 150, pieceG: 8, unitG: { jar: 680, can: 425 }, drained01: 0.55 }],
		['grapes', 'grape|red grape|green grape|seedless grape', [0.7, 0.2, 17.2, 0.9, 0.5], { cupG: 151, pieceG: 5, unitG: { bunch: 400 } }],
		['berries', 'mixed berry|berry|frozen berry|summer fruit|forest fruit|fruit of the forest', [0.9, 0.4, 9, 3.8, 0.4], { cupG: 140, mixed: true }],
		['blueberries', 'blueberry|bilberry|frozen blueberry', [0.7, 0.3, 12.1, 2.4, 0.2], { cupG: 148, like: 'berries' }],
		['raspberries', 'raspberry', [1.2, 0.7, 5.4, 6.5, 0.5], { cupG: 123, like: 'berries' }],
		['blackberries', 'blackberry|loganberry|boysenberry', [1.4, 0.5, 4.3, 5.3, 0.4], { cupG: 144, like: 'berries' }],
		['strawberries', 'strawberry', [0.7, 0.3, 5.7, 2, 0.4], { cupG: 150, pieceG: 15, unitG: { punnet: 400 }, like: 'berries' }],
		['redcurrants', 'redcurrant|+blackcurrant|red currant|black currant|+gooseberry|white currant', [1.3, 0.3, 8, 4.5, 0.6], { cupG: 112, like: 'berries', mixed: true }],
		['cranberries', 'cranberry|fresh cranberry|+lingonberry', [0.5, 0.1, 8.4, 3.6, 0.2], { cupG: 100, keeps: 'weeks', like: 'berries' }],
		['banana', 'ripe banana|overripe banana', [1.1, 0.3, 20.2, 2.6, 0.8], { cupG: 150, pieceG: 118 }],
		['mango', 'ripe mango|green mango|raw mango|mango flesh|frozen mango|kairi|aam', [0.8, 0.4, 13.4, 1.6, 0.4], { cupG: 165, pieceG: 200 }],
		['mango pulp', 'mango puree|canned mango pulp', [0.5, 0.2, 20, 1, 0.3], { cupG: 250, unitG: { can: 850 }, hygiene: 'ready-to-eat', aisle: 'tins', keeps: 'cupboard' }],
		['papaya', 'pawpaw|green papaya', [0.5, 0.3, 9.1, 1.7, 0.4], { cupG: 145, pieceG: 500 }],
		['pineapple', 'pineapple chunk|pineapple ring|pineapple tidbit|crushed pineapple|pineapple piece|canned pineapple', [0.5, 0.1, 11.7, 1.4, 0.2], { cupG: 165, pieceG: 900, unitG: { can: 430, ring: 47, slice: 84 }, drained01: 0.6 }],
		['pineapple juice', '+apple juice|cloudy apple juice|white grape juice|+grape juice|cranberry juice|fruit juice', [0.3, 0.1, 12, 0.2, 0.3], { cupG: 248, hygiene: 'ready-to-eat', aisle: 'drinks', keeps: 'cupboard', mixed: true }],
		['kiwi', 'kiwi fruit|kiwifruit', [1.1, 0.5, 11.7, 3, 0.6], { cupG: 180, pieceG: 75 }],
		['melon', '+cantaloupe|+watermelon|honeydew', [0.7, 0.2, 7.5, 0.7, 0.5], { cupG: 156, pieceG: 1500 }],
		['pomegranate', 'pomegranate seed|pomegranate aril|anar', [1.7, 1.2, 14.7, 4, 0.5], { cupG: 174, pieceG: 150, keeps: 'weeks' }],
		['fresh figs', 'fig|fresh fig', [0.8, 0.3, 16.3, 2.9, 0.7], { pieceG: 50 }],
		['avocado', 'hass avocado|ripe avocado', [2, 14.7, 2, 6.7, 1.6], { cupG: 150, pieceG: 170 }],
		['olives', 'olive|black olive|green olive|kalamata olive|kalamata|stuffed olive|pitted olive|olive tapenade', [1, 14, 3, 3, 3], { cupG: 135, pieceG: 4, unitG: { can: 200, jar: 200 }, drained01: 0.55, hygiene: 'ready-to-eat', aisle: 'tins', keeps: 'cupboard', storage: 'vegetables' }],
		['coconut', 'fresh coconut|grated coconut|coconut flesh|fresh grated coconut|shredded fresh coconut', [3.3, 33, 6, 9, 1], { cupG: 85, pieceG: 400, hygiene: 'ready-to-eat' }],
		['fruit', 'mixed fruit|seasonal fruit|stone fruit', [0.7, 0.3, 11, 2, 0.4], { cupG: 150, weak: true }]
	]
};

/** Dried and candied fruit. Most of it is sulphured. */
export const driedFruit: Family = {
	facts: { aisle: 'dry', keeps: 'cupboard', storage: 'fruit', hygiene: 'ready-to-eat', cupG: 145 },
	rows: [
		['apricot', 'dried apricot|apricot dried|ready to eat apricot|soft apricot', [3.4, 0.5, 55, 7.5, 2.6], { cupG: 130, pieceG: 8, allergens: sulphites }],
		['raisins', 'raisin|golden raisin|kishmish|seedless raisin', [3.1, 0.5, 74.5, 4.2, 2.2], { cupG: 145, allergens: sulphites }],
		['sultanas', 'sultana', [3, 0.4, 73, 4.5, 2.2], { cupG: 145, allergens: sulphites, like: 'raisins' }],
		['currants', 'currant|zante currant', [4, 0.3, 67, 6.8, 2.2], { cupG: 144, allergens: sulphites, like: 'raisins' }],
		['dates', 'date|pitted date|medjool date|medjool|khajoor', [2.2, 0.3, 68, 8, 1.6], { cupG: 147, pieceG: 8 }],
		['prunes', 'prune|dried plum|pitted prune', [2.2, 0.4, 57, 7, 2.4], { cupG: 174, pieceG: 10 }],
		['dried figs', 'dried fig|anjeer', [3.3, 0.9, 54, 9.8, 1.9], { cupG: 149, pieceG: 10, allergens: sulphites }],
		['dried cranberries', 'dried cranberry|dried cherry|dried sour cherry|barberry', [0.2, 1.1, 76, 5.5, 0.3], { cupG: 120, mixed: true }],
		['dried apple', 'apple ring|dried pear|dried mango|dried peach', [1, 0.3, 60, 8.5, 1.2], { cupG: 86, allergens: sulphites, mixed: true }],
		['mixed dried fruit', 'dried fruit|+mixed peel|candied peel|candied orange peel|+glace cherry|candied cherry|luxury dried fruit', [1.5, 0.5, 70, 5, 1.8], { cupG: 145, allergens: sulphites, mixed: true }],
		['desiccated coconut', 'coconut flake|shredded coconut|dried coconut|dessicated coconut|copra|coconut desiccated|unsweetened coconut|coconut chip|sweetened coconut', [6.9, 64.5, 7.4, 16.3, 1.9], { cupG: 85, storage: null }],
		['crystallised ginger', 'stem ginger|candied ginger|ginger in syrup|preserved ginger', [0.3, 0.2, 75, 1.5, 0.5], { cupG: 170, pieceG: 15, unitG: { ball: 15 }, storage: null }]
	]
};
