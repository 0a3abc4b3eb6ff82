export const packActionsAnswers = {
	thisPackWasAlready: 'This pack was already taken out, perhaps on another device.',
	thisPackIsBack: 'This pack is back in the freezer already.',
	sayWhy: 'Say in a word or two why it is discarded: it helps to waste less.'
};
