/** What a running cook shows at each step; appliances differ in how they step, not in what they show. */
export interface CookingState {
	/** minutes since switching on */
	readonly minute: number;
	readonly liquidC: number;
	readonly coldestC: number;
	readonly warmestC: number;
	readonly meanC: number;
	/** cook value so far, minutes at 100 °C, least of all cells and volume mean */
	readonly coldestCookMin: number;
	readonly meanCookMin: number;
	/** minutes at 70 °C equivalent, least of all cells */
	readonly lethality70Min: number;
	/** most hours any cell spent between 5 and 60 °C; the pool's own */
	readonly hazardH: number;
	readonly poolHazardH: number;
}
