export const shortcuts = {
	keys: 'Keys',
	key: 'key',
	does: 'does',
	thisList: 'This list',
	toTheNextThing: 'To the next thing; Shift + Tab back',
	doItPressOpen: 'Do it: press, open, save the form',
	closeAPanel: 'Close a panel',
	singleKeysWorkOn: 'single keys work on this device'
};
