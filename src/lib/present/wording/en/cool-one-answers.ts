export const coolOneAnswers = {
	thisReadingIsGone: 'This reading is gone already.'
};
