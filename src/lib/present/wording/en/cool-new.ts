import type { Shown } from '../shown.ts';

export const coolNew = {
	startCoolingAlmacen: 'Start cooling · Almacen',
	whatIsHot: 'What is hot?',
	theFood: 'The food',
	dish: 'Dish',
	somethingElse: 'something else',
	whatIsCooling: 'What is cooling',
	temperatureNow: 'Temperature now',
	justOffTheBoil: (a: Shown, b: Shown) => `${a}; just off the boil it is ${b} here`,
	theVessel: 'The vessel',
	vessel: 'Vessel',
	widthInside: 'Width inside',
	depthOfTheFood: 'Depth of the food',
	orGiveTheAmount: (a: Shown) => `${a}; or give the amount`,
	orItsAmount: 'or its amount',
	standsInOrOn: 'Stands in or on',
	iceInIt: 'Ice in it',
	emptyKeptIcy: 'empty: kept icy',
	lidOn: 'lid on',
	stirredOften: 'stirred often',
	notStartedYetSee: 'Not started yet: see the marked fields.',
	nothingHotGoesInto:
		'Nothing hot goes into a refrigerator deeper than a hand’s width: it warms what is beside it.',
	potOrBowlRound: 'pot or bowl, round',
	dishFourCorners: 'dish, four corners',
	traySpreadThin: 'tray, spread thin',
	diameterInside: 'Diameter inside',
	lengthInside: 'Length inside',
	forecasting: 'Forecasting…',
	startTheClock: 'Start the clock'
};
