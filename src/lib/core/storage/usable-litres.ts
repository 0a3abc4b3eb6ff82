/** Share of a freezer's litres that packs can fill (judgement). */
const usable01 = 0.7;

/** Litres packs can fill in a freezer, or in several together. */
export const usableL = ({ volumeL }: { volumeL: number }): number => volumeL * usable01;

/** Litres packs can fill on each of a freezer's shelves, which share it evenly. */
export const shelfUsableL = (freezer: { volumeL: number; shelves: readonly unknown[] }): number =>
	usableL(freezer) / freezer.shelves.length;
