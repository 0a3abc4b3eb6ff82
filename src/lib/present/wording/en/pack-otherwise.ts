export const packOtherwise = {
	title: 'Use a part, split, move, give away, discard',
	shelf: 'Shelf',
	move: 'Lay it there',
	give: 'It is given away',
	reason: 'Why is it discarded?',
	reasonHint: 'freezer-burnt, forgotten, not liked',
	discard: 'Discard it'
};
