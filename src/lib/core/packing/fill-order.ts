import type { Item } from '../foods/item-catalogue.ts';

export type LayerRole = 'thin-liquid' | 'heavy' | 'light' | 'thick';

export interface FillLine {
	text: string;
	item: Item | null;
	massKg: number | null;
	stage: 'pack' | 'inner' | 'cook-day' | 'serve';
}

export interface FillStep {
	text: string;
	role: LayerRole;
	massKg: number | null;
}

export interface FillPlan {
	/** into the pack, first one first */
	layers: FillStep[];
	/** own small bags inside it */
	inner: string[];
	/** kept back for the day, and what is only served with it */
	keptBack: string[];
	serveWith: string[];
}

const thickItems = new Set([
	'tomato paste',
	'canned tomatoes',
	'passata',
	'coconut milk',
	'flour',
	'starch',
	'peanut butter',
	'honey'
]);
const lightFrom = 0.05;

/** What a line is in a pack: thin liquid, thick or dairy (sticks under pressure), light, or heavy. */
export function layerRole(line: Pick<FillLine, 'item' | 'massKg'>): LayerRole {
	const { item } = line;
	if (!item) return 'heavy';
	const { water, protein, fat, carbohydrate } = item.composition;
	if (item.storage === 'soft-dairy' || thickItems.has(item.like)) return 'thick';
	// broth, wine, water: nearly all water and poured
	if (
		water > 0.85 &&
		protein + fat + carbohydrate < 0.12 &&
		item.pieceKg === null &&
		item.densityKgPerL > 0.95
	)
		return 'thin-liquid';
	return (line.massKg ?? 1) < lightFrom || item.densityKgPerL < 0.3 ? 'light' : 'heavy';
}

/**
 * The order of filling. For the pressure cooker thin liquid goes to the bottom and what is thick or holds dairy to the top, not
 * stirred, so that nothing burns on; otherwise the heaviest first and liquid last, over all, to drive the air out.
 */
export function fillPlan(lines: readonly FillLine[], forPressure: boolean): FillPlan {
	const order: Record<LayerRole, number> = forPressure
		? { 'thin-liquid': 0, heavy: 1, light: 2, thick: 3 }
		: { heavy: 0, light: 1, thick: 2, 'thin-liquid': 3 };
	const of = (stage: FillLine['stage']) =>
		lines.filter((line) => line.stage === stage).map(({ text }) => text);
	return {
		layers: lines
			.filter((line) => line.stage === 'pack')
			.map((line) => ({ text: line.text, role: layerRole(line), massKg: line.massKg }))
			.sort((a, b) => order[a.role] - order[b.role] || (b.massKg ?? 0) - (a.massKg ?? 0)),
		inner: of('inner'),
		keptBack: of('cook-day'),
		serveWith: of('serve')
	};
}

/** How even portions are: the largest and smallest against their mean, 0 when all are alike; null with fewer than two. */
export function unevenness01(massesKg: readonly number[]): number | null {
	if (massesKg.length < 2) return null;
	const mean = massesKg.reduce((sum, kg) => sum + kg, 0) / massesKg.length;
	return (Math.max(...massesKg) - Math.min(...massesKg)) / mean;
}
