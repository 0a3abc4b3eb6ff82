export const shortcutKeys = {
	shop: 'Shop',
	prep: 'Prep',
	menu: 'Menu',
	cool: 'Cool',
	pack: 'Pack',
	freezer: 'Freezer',
	table: 'Table',
	household: 'Household',
	writeADish: 'Write a dish',
	startCooling: 'Start cooling',
	findAPackBy: 'Find a pack by its code',
	beginNext: 'Run sheet: begin what is next',
	endFirst: 'Run sheet: the first thing now is done',
	undoTheLastThing: 'Undo the last thing',
	toTheWorkPast: 'To the work, past the stations'
};
