export const freezerFields = {
	name: 'Name',
	kind: 'Kind',
	chestFreezer: 'chest freezer',
	room: 'Room',
	setTo: 'Set to',
	shelvesOrBasketsOne: 'Shelves or baskets, one a line',
	qtACubicFoot: 'qt; a cubic foot is 30 qt'
};
