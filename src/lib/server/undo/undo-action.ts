import type { AsIf } from '../../core/table/as-if.ts';
import type { PriceEntry } from '../../core/shopping/shop-costs.ts';
import type { dayDishes } from '../db/schema/menu.ts';
import type { Backup } from '../../formats/backup.ts';
import type { DishContent } from '../db/schema/dishes.ts';
import type { Household } from '../db/schema/household.ts';

/** How to take something back: a kind and what it needs for it. */
export type UndoAction =
	| { kind: 'pack-cooked'; code: string }
	| { kind: 'pack-gone'; code: string; to: 'given' | 'discarded' }
	| { kind: 'pack-moved'; code: string; shelfId: number }
	| { kind: 'pack-assumed'; code: string; before: AsIf | null }
	| { kind: 'cook-logged'; cookId: number }
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
	| { kind: 'dish-removed'; dishId: number }
	| { kind: 'freezer-removed'; freezerId: number }
	| { kind: 'household-changed'; before: Partial<Household> }
	| { kind: 'everything-replaced'; before: Backup };

export type UndoKind = UndoAction['kind'];
