import type { Aisle } from '../../published/aisles.ts';
import type { CoreTemperatureClass } from '../../published/core-temperatures.ts';
import type { StorageGroup } from '../../published/storage-life.ts';
import type { MeasureName } from '../../units/measures.ts';

/** What the hands or the board touch. */
export type Hygiene =
	'ready-to-eat' | 'raw-vegetable' | 'raw-egg' | 'raw-poultry' | 'raw-meat-fish';

/** How long it keeps at home as it is bought, unfrozen: some days, some weeks, or in the cupboard. */
export type Keeping = 'days' | 'weeks' | 'cupboard';

/** What one row says beside its name and composition; what it leaves out is as its family has it. */
export interface RowFacts {
	/** weight of a cup (236.588 mL) as it is measured out */
	cupG: number;
	/** weight of one; null: not counted in pieces */
	pieceG: number | null;
	/** weight of other things it is counted in */
	unitG: Partial<Record<MeasureName, number>>;
	/** share of a can's weight that is left when it is drained */
	drained01: number;
	/** null: keeps with whatever it is in (oil, salt, spices) */
	storage: StorageGroup | null;
	hygiene: Hygiene;
	/** when raw; null: needs no core temperature of its own */
	core: CoreTemperatureClass | null;
	/** Regulation (EU) 1169/2011, Annex II */
	allergens: readonly string[];
	/** made of several things, differently by each maker: the packet is to be checked */
	checkPacket: boolean;
	aisle: Aisle;
	keeps: Keeping;
	/** the plainer item it behaves like in the kitchen: rules about that one hold for it too */
	like: string;
	/** its names are different things to buy: on a list each stands for itself */
	mixed: boolean;
	/** names that only say a cut, a shape or a class: any other name in a line says more */
	weak: boolean;
	source: CompositionSource;
}

/** Where a row's composition is from: remembered figures of general tables, or a food's code in IFCT 2017. */
export type CompositionSource = 'memory' | `ifct:${string}`;

/** protein, fat, carbohydrate without fibre, fibre, ash: grams in 100 g; the rest is water */
export type GramsPer100 = readonly [number, number, number, number, number];

/** Name, other names parted by "|" (singular, without accents), composition, and where it differs from its family. */
export type Row = readonly [
	name: string,
	also: string,
	gPer100: GramsPer100,
	facts?: Partial<RowFacts>
];

/** Rows that have most of their facts in common. */
export interface Family {
	readonly facts: Partial<RowFacts> & Pick<RowFacts, 'aisle' | 'keeps' | 'hygiene' | 'storage'>;
	readonly rows: readonly Row[];
}
