export const shortcutKeys = {
	menu: 'Menu',
	cool: 'Cool',
	pack: 'Pack',
	freezer: 'Freezer',
	table: 'Table',
	household: 'Household',
	writeADish: 'Write a dish',
	startCooling: 'Start cooling',
	findAPackBy: 'Find a pack by its code',
	undoTheLastThing: 'Undo the last thing',
	toTheWorkPast: 'To the work, past the stations'
};
