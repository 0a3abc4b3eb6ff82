export const applianceFields = {
	slowCooker: 'Slow cooker',
	slowCookerHolds: 'Slow cooker holds',
	powerOnLow: 'Power on low',
	wIntoTheFood: 'W into the food; empty: as usual for its size',
	powerOnHigh: 'Power on high',
	wThePlatesFigure: 'W; the plate’s figure is about 1.3 times it',
	pressureCooker: 'Pressure cooker',
	pressureCookerHolds: 'Pressure cooker holds',
	itsPower: 'Its power',
	wOnThePlate: 'W, on the plate below; empty: 900 W'
};
