import type { Aisle } from '../published/aisles.ts';
import type { CoreTemperatureClass } from '../published/core-temperatures.ts';
import type { StorageGroup } from '../published/storage-life.ts';
import type { MeasureName } from '../units/measures.ts';
import type { CompositionSource, Hygiene, Keeping } from './catalogue/row.ts';
import type { Composition } from './composition.ts';

/** An item as the catalogue has it. */
export interface Item {
	readonly name: string;
	/** the plainer item that rules about it are written for; its own name when it is plain itself */
	readonly like: string;
	readonly composition: Readonly<Composition>;
	readonly densityKgPerL: number;
	/** weight of one, kg; null where it is not counted */
	readonly pieceKg: number | null;
	/** weight of other things it is counted in, kg */
	readonly unitKg: Readonly<Partial<Record<MeasureName, number>>>;
	/** share of a can's weight that is left when it is drained; null: not known, or nothing to drain */
	readonly drained01: number | null;
	/** null: keeps with whatever it is in (oil, salt, spices) */
	readonly storage: StorageGroup | null;
	readonly hygiene: Hygiene;
	/** null: needs no core temperature of its own */
	readonly core: CoreTemperatureClass | null;
	readonly allergens: readonly string[];
	/** made differently by each maker: its allergens are the usual ones, the packet says them all */
	readonly checkPacket: boolean;
	readonly aisle: Aisle;
	readonly keeps: Keeping;
	/** its names are different things to buy */
	readonly mixed: boolean;
	/** only a cut, a shape or a class: any other name in a line says more */
	readonly weak: boolean;
	readonly source: CompositionSource;
}
