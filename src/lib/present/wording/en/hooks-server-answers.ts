export const hooksServerAnswers = {
	thereIsNothingAt: 'There is nothing at this address.',
	somethingWentWrongOn:
		'Something went wrong on our side. What you typed is still in the page you came from.'
};
