/** What a piece of work needs beside time. */
export const stepPlaces = [
	'board',
	'burner',
	'oven',
	'pressure-cooker',
	'slow-cooker',
	'microwave',
	'bowl',
	'sink',
	'none'
] as const;
export type StepPlace = (typeof stepPlaces)[number];

/** One piece of work of a dish, for one batch. */
export interface DishStep {
	text: string;
	/** the whole sentence of the method, where the step is a part of it */
	sentence?: string;
	minutes: number;
	/** of these, minutes that grow with each further batch */
	perBatchMin: number;
	hands: boolean;
	/** minutes of hands in work that otherwise goes by itself: stirring, turning */
	tendMin?: number;
	place: StepPlace;
	/** places in the list of the steps it waits for */
	after: number[];
	/** longest it may wait once they are done, minutes; null: as long as one likes; left out: by its kind */
	maxWaitMin?: number | null;
	ovenC?: number;
	/** brings the oven to that temperature */
	heats?: boolean;
	/** pieces it shapes, lays out or bakes, one batch */
	pieces?: number;
	/** of these, pieces on one tray of the oven */
	perTray?: number;
}

export interface StepLine {
	itemName: string | null;
	/** what the cook calls it; its catalogue name where that is not said */
	item?: string;
	cut: string;
	massKg: number | null;
	stage: string;
	form?: string | null;
}

/** Minutes of a step for so many batches. */
export const stepMin = (step: Pick<DishStep, 'minutes' | 'perBatchMin'>, batches: number): number =>
	step.minutes + step.perBatchMin * (batches - 1);

/** Minutes of hands' work of a dish. */
export const handsMin = (steps: readonly DishStep[], batches: number): number =>
	steps.reduce((sum, step) => sum + (step.hands ? stepMin(step, batches) : (step.tendMin ?? 0)), 0);

/** Places where food gets hot. */
export const hotPlaces: ReadonlySet<StepPlace> = new Set<StepPlace>([
	'burner',
	'oven',
	'pressure-cooker',
	'slow-cooker',
	'microwave'
]);

/** Whether a step heats food at all; an oven that is heated is empty. */
export const isHot = (step: Pick<DishStep, 'place' | 'heats'>): boolean =>
	hotPlaces.has(step.place) && !step.heats;

/** Whether a step cooks by itself, for long. */
export const isCooking = (step: Pick<DishStep, 'hands' | 'place' | 'heats'>): boolean =>
	!step.hands &&
	!step.heats &&
	['burner', 'oven', 'pressure-cooker', 'slow-cooker'].includes(step.place);

/** Minutes of what cooks longest by itself; 0 where nothing does. */
export const longestCookingMin = (steps: readonly DishStep[], batches: number): number =>
	Math.max(0, ...steps.filter(isCooking).map((step) => stepMin(step, batches)));
