/** What is left of a packing day at each of its stations, for the bar that leads through it. */
export interface DayProgress {
	id: number;
	onDay: string;
	dishes: number;
	/** lines ticked off the shopping list */
	bought: number;
	/** tasks of the run sheet; null: not planned yet */
	tasks: { left: number; of: number } | null;
	cooling: number;
	packs: { left: number; of: number };
	ended: boolean;
	/** the other days, the newest first */
	others: { id: number; onDay: string }[];
}
