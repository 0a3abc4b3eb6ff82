import { sql } from 'drizzle-orm';
import { bigint, check, doublePrecision, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import type { Method } from '../../../core/index.ts';
import type { RouteName } from '../../../core/serving/thaw-routes.ts';
import { packs } from './packs.ts';

/** How a pack was cooked in the end: what the cook wrote down afterwards. */
export const cooks = pgTable(
	'cooks',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		packId: integer()
			.notNull()
			.references(() => packs.id),
		atMs: bigint({ mode: 'number' }).notNull(),
		method: jsonb().$type<Method>().notNull(),
		route: text().$type<RouteName>().notNull(),
		setMin: doublePrecision().notNull(),
		/** core temperature when it was looked at after that time; null: not measured */
		coreC: doublePrecision(),
		outcome: text({ enum: ['under', 'right', 'over'] }),
		note: text().notNull().default('')
	},
	(t) => [check('cooks_minutes', sql`${t.setMin} >= 0 and ${t.setMin} <= 2880`)]
);
