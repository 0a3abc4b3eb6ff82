import type { Shown } from '../shown.ts';

export const kitchenFields = {
	amountsDaysAndClock: 'Amounts, days and clock',
	units: 'Units',
	temperature: 'Temperature',
	clock: 'Clock',
	dates: 'Dates',
	timeZone: 'Time zone',
	continentAndTownEurope: 'continent and town: Europe/Zurich, America/Denver',
	anyFieldTakesEither:
		'Any field takes either: 1½ lb, 700 g, 2 cups, 350 °F. This is how they are shown.',
	theKitchen: 'The kitchen',
	altitude: 'Altitude',
	kitchen: 'Kitchen',
	usualTemperature: 'usual temperature',
	refrigerator: 'Refrigerator',
	aThermometerInA: 'a thermometer in a glass of water knows',
	gramsLitresCentimetres: 'grams, litres, centimetres',
	poundsCupsInches: 'pounds, cups, inches',
	pm: '6:30 pm',
	oct: '14 Oct 2026',
	oct2: 'Oct 14, 2026',
	waterBoilsAtThere: (a: Shown) => `; water boils at ${a} there`
};
