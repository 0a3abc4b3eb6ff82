import type { Shown } from '../shown.ts';

export const cool = {
	coolAlmacen: 'Cool · Almacen',
	nothingIsCooling: 'Nothing is cooling',
	oneVesselCooling: 'One vessel cooling',
	vesselsCooling: (a: Shown) => `${a} vessels cooling`,
	startCooling: 'Start cooling',
	startARunFor: (a: Shown) =>
		`${a} Start a run for each pot, dish or tray; the forecast says at once whether it will make it where it stands, and what helps.`,
	reading: 'Reading',
	pack: 'Pack',
	ended: 'Ended',
	what: 'what',
	ended2: 'ended',
	asMeasuredAndForecast: 'as measured and forecast',
	locked:
		'These clocks make no sound on a locked phone. Open a run to put its limits into the phone’s calendar.'
};
