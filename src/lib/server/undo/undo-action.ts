import type { LearnedMinutes } from '../../core/cooking/index.ts';
import type { AsIf } from '../../core/serving/index.ts';
import type { ContainerKey } from '../../core/published/index.ts';
import type { PackEventKind, packs } from '../db/schema/packs.ts';
import type { PriceEntry } from '../../core/shopping/index.ts';
import type { dayDishes } from '../db/schema/menu.ts';
import type { Backup } from '../../formats/backup.ts';
import type { DishContent } from '../db/schema/dishes.ts';
import type { PlannedMeal } from '../db/schema/cooks.ts';
import type { Household } from '../db/schema/household.ts';

/** A pack's columns before something was done to it. */
export interface PackBefore {
	id: number;
	/** as the deed left it: what was done to it since is not written over */
	versionAfter: number;
	values: Partial<typeof packs.$inferInsert>;
}

/** Packs whose best-by was brought forward, as it was before. */
export interface BroughtForward {
	ids: number[];
	bestBy: string | null;
	lostDays: number;
}

/** How to take something back: a kind and what it needs for it. */
export type UndoAction =
	| { kind: 'packs-changed'; deed: PackEventKind; before: PackBefore[]; added: string[] }
	| { kind: 'packs-added'; packingIds: number[] }
	| { kind: 'readings-added'; freezerId: number; momentsMs: number[]; before: BroughtForward[] }
	| { kind: 'containers-changed'; container: ContainerKey; owned: number | null }
	| { kind: 'pack-assumed'; code: string; before: AsIf | null }
	| { kind: 'cook-logged'; cookId: number }
	/** `before`: as they were, also those that were taken off; `added`: those that were not there */
	| { kind: 'meals-changed'; before: PlannedMeal[]; added: number[] }
	| { kind: 'leftovers-ended'; leftoversId: number }
	| {
			kind: 'day-changed';
			dayId: number;
			before: Omit<typeof dayDishes.$inferSelect, 'id' | 'dayId'>[];
	  }
	| { kind: 'day-removed'; dayId: number }
	| { kind: 'stock-changed'; itemName: string; massKg: number }
	| { kind: 'price-removed'; entry: Omit<PriceEntry, 'id'> }
	| { kind: 'reading-removed'; readingId: number }
	| { kind: 'cooling-ended'; runId: number }
	| { kind: 'dish-changed'; dishId: number; before: DishContent }
	/** what was learned of a dish; `weighed`: the household's proposals as they stood */
	| {
			kind: 'dish-learned';
			dishId: number;
			before: { learned: LearnedMinutes[]; usualBatches: number | null };
			weighed: Record<string, number>;
			/** the note it wrote at the dish; null: none */
			noteAtMs: number | null;
	  }
	| { kind: 'dish-removed'; dishId: number }
	| { kind: 'freezer-removed'; freezerId: number }
	| { kind: 'household-changed'; before: Partial<Household> }
	| { kind: 'everything-replaced'; before: Backup };

export type UndoKind = UndoAction['kind'];
