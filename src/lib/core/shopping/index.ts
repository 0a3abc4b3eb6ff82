/** What others take from here; files beside it are its own. */
export { choosePacks, type PackChoice } from './choose-packs.ts';
export { dishCosts, priceLines, type PriceEntry, type PricedLine } from './shop-costs.ts';
export { catalogueName, shoppingList, stapleItems, type NeedLine } from './shopping-list.ts';
export { substitutesFor, type Substitute } from './substitutes.ts';
