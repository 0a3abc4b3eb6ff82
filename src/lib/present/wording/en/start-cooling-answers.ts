export const startCoolingAnswers = {
	amountThatMuchIn:
		'Amount: that much in this footprint is not a depth a vessel has. Check the diameter or the litres.'
};
