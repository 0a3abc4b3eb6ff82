export const hooksServerAnswers = {
	notJson: 'Send JSON, and say so: Content-Type: application/json.',
	unreadableJson: 'This is not JSON that can be read.',
	thereIsNothingAt: 'There is nothing at this address.',
	somethingWentWrongOn:
		'Something went wrong on our side. What you typed is still in the page you came from.'
};
