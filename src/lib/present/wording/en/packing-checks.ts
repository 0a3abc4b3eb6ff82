export const packingChecks = {
	boughtFrozen: 'Bought frozen',
	packedOnWhich: 'Packed on: which day?',
	stillToCome: 'Packed on: that day is still to come.',
	chooseADish: 'Choose a dish.',
	packs: 'Packs',
	packsHowMany: 'Packs: how many?',
	servingsInEach: 'Servings in each',
	servingsInEachHow: 'Servings in each: how many?',
	container: 'Container',
	containerWhatDoesIt: 'Container: what does it go into?',
	weightOfEach: 'Weight of each',
	weightOfEachPut: 'Weight of each: put one on the scale.',
	lengthOfTheBlock: 'Length of the block',
	widthOfTheBlock: 'Width of the block',
	thicknessOfTheBlock: 'Thickness of the block',
	shelfChooseWhereIt: 'Shelf: choose where it goes.'
};
