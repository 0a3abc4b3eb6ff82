export const coolingChecks = {
	whatIsCooling: 'What is cooling',
	whatIsCooling2: 'What is cooling?',
	vessel: 'Vessel',
	vesselPotDishOr: 'Vessel: pot, dish or tray?',
	lengthOrDiameter: 'Length or diameter',
	lengthOrDiameterMeasure: 'Length or diameter: measure the inside.',
	width: 'Width',
	widthMeasureTheInside: 'Width: measure the inside.',
	depthOfTheFood: 'Depth of the food',
	amount: 'Amount',
	giveTheDepthOf: 'Give the depth of the food, or how much it is.',
	temperatureNow: 'Temperature now',
	foodWithWaterIn: 'Food with water in it does not get hotter than that.',
	temperatureNowMeasureIt:
		'Temperature now: measure it, or take the boiling point for a dish off the boil.',
	place: 'Place',
	placeWhereDoesIt: 'Place: where does it stand?',
	ice: 'Ice',
	reading: 'Reading',
	isTheProbeIn: 'Is the probe in the food?',
	readingWriteWhatThe: 'Reading: write what the thermometer shows.'
};
