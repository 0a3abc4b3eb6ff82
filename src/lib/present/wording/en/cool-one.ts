import type { Shown } from '../shown.ts';

export const coolOne = {
	coolingAlmacen: (a: Shown) => `${a} cooling · Almacen`,
	ended: (a: Shown) => `Ended ${a}.`,
	packIt: 'Pack it',
	letItGoOn: 'Let it go on',
	thermometer: 'Thermometer',
	readingInTheMiddle: 'Reading in the middle',
	noteIt: 'Note it',
	endTheRun: 'End the run',
	doubtful: 'doubtful',
	readings: 'Readings',
	noneYetTheForecast: 'None yet. The forecast bends to what you measure.',
	at: 'at',
	inTheMiddle: 'in the middle',
	takeOut: 'take out',
	takeOutTheReading: (a: Shown) => `Take out the reading of ${a}`,
	takeOut2: 'Take out'
};
