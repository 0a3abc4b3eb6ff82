/** The one rule of perishable food outside the refrigerator (USDA FSIS, Leftovers and food safety; from memory). */
export const twoHours = {
	source: 'fsis-leftovers',
	/** hours in all */
	outH: 2,
	/** where it is warmer than this, °C, half of it */
	hotAboveC: 32,
	outHotH: 1,
	/** cooked rice and pasta are in the cold within the hour (UK FSA) */
	riceH: 1
} as const;

/** Hours food may be out of the cold in a room of this temperature. */
export const leftOutH = (roomC: number): number =>
	roomC > twoHours.hotAboveC ? twoHours.outHotH : twoHours.outH;
