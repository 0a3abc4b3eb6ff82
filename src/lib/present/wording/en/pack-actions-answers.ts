export const packActionsAnswers = {
	thisPackWasAlready: 'This pack was already marked cooked, perhaps on another device.',
	thisPackIsBack: 'This pack is back in the freezer already.'
};
