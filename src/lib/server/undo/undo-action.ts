import type { Backup } from '../../formats/backup.ts';
import type { DishContent } from '../db/schema/dishes.ts';
import type { Household } from '../db/schema/household.ts';

/** How to take something back: a kind and what it needs for it. */
export type UndoAction =
	| { kind: 'pack-cooked'; code: string }
	| { kind: 'reading-removed'; readingId: number }
	| { kind: 'cooling-ended'; runId: number }
	| { kind: 'dish-changed'; dishId: number; before: DishContent }
	| { kind: 'dish-removed'; dishId: number }
	| { kind: 'freezer-removed'; freezerId: number }
	| { kind: 'household-changed'; before: Partial<Household> }
	| { kind: 'everything-replaced'; before: Backup };

export type UndoKind = UndoAction['kind'];
