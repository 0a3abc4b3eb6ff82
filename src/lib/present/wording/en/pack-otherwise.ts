export const packOtherwise = {
	title: 'Move it, give it away, discard it',
	shelf: 'Shelf',
	move: 'Lay it there',
	give: 'It is given away',
	reason: 'Why is it discarded?',
	reasonHint: 'freezer-burnt, forgotten, not liked',
	discard: 'Discard it'
};
