import { earlierAppliances } from '../core/kitchen/index.ts';
import type { BackupTable, BackupTables } from './backup-tables.ts';

/** Version of the file format; docs/export-format.md describes it. Older versions are read, newer ones refused. */
export const backupVersion = 12;

/** What older files lack, by the version that added it: columns with what they mean when absent, tables that are empty. */
const added: {
	version: number;
	columns?: Partial<Record<BackupTable, Record<string, unknown>>>;
	tables?: readonly BackupTable[];
}[] = [
	{ version: 2, columns: { household: { oven: {} } } },
	{
		version: 3,
		columns: {
			packs: { assumed: null },
			household: { freezeAnyway: [], labelNutrition: false, budgetCents: null },
			packings: { nutrition: null },
			dishes: { standsFor: null, allergens: null, steps: null },
			ingredientLines: { form: null, optional: false, alternatives: [] }
		},
		tables: [
			'cooks',
			'packingDays',
			'dayDishes',
			'prices',
			'stock',
			'shopMarks',
			'dishNotes',
			'dishVersions'
		]
	},
	{
		version: 4,
		columns: {
			coolingRuns: { dayId: null, probe: null, reheatOfId: null, decisions: [] },
			coolingReadings: { source: 'hand' },
			packingDays: { run: null },
			packs: { reason: null }
		},
		tables: ['dayEvents']
	},
	{
		version: 5,
		columns: {
			household: { labelSetup: {} },
			freezers: { kind: 'upright', probe: null },
			packings: {
				name: null,
				itemName: null,
				dayKnown: 'day',
				boughtOn: null,
				cookedOn: null,
				thawedBefore: false
			},
			packs: {
				part01: 1,
				massKg: null,
				frozenAtMs: null,
				pulledAtMs: null,
				thawPlace: null,
				lostDays: 0,
				splitFrom: null
			}
		},
		tables: ['packEvents', 'freezerReadings', 'containerStock']
	},
	{
		version: 6,
		columns: { ingredientLines: { doubts: [] }, packings: { allergensKnown: true } }
	},
	{ version: 7, columns: { freezers: { settings: [] }, packings: { dayId: null } } },
	{
		version: 8,
		columns: {
			dishes: { pieces: null, plateOf: null },
			packings: { pieces: null },
			shopMarks: { comes: null }
		}
	},
	{ version: 9, columns: { household: { currency: null } }, tables: ['dishPictures'] },
	{
		version: 10,
		columns: {
			household: { owned: earlierAppliances }
		}
	},
	{
		version: 11,
		columns: { household: { calendarToken: null, eaters: null } },
		tables: ['cookSheets', 'leftovers', 'plannedMeals']
	},
	{
		version: 12,
		columns: {
			household: { weighed: {} },
			dishes: { learned: [], usualBatches: null },
			packings: { servingCents: null },
			prices: { onDay: null },
			cooks: { enough: null, forecastMin: null, withAppliance: null }
		}
	}
];

/** Until version 5 a pack's best-by stood with its packing alone. */
function withBestBy(rows: Record<string, unknown>): void {
	if (!Array.isArray(rows.packs) || !Array.isArray(rows.packings)) return;
	const bestBy = new Map(
		(rows.packings as { id?: unknown; storage?: { bestBy?: unknown } }[]).map((row) => [
			row.id,
			row.storage?.bestBy ?? null
		])
	);
	rows.packs = (rows.packs as { packingId?: unknown }[]).map((row) => ({
		bestBy: bestBy.get(row.packingId) ?? null,
		...row
	}));
}

/** A file as far as it is known before its rows are read. */
interface OlderFile {
	version?: number;
	tables?: Partial<BackupTables>;
}

/** An older file as the present version has it. */
export function upgraded<F extends OlderFile>(file: F): F {
	const from = file.version ?? 0;
	const rows = { ...file.tables } as Record<string, unknown>;
	for (const { version, columns = {}, tables: fresh = [] } of added) {
		if (version <= from) continue;
		for (const table of fresh) rows[table] ??= [];
		for (const [table, defaults] of Object.entries(columns))
			if (Array.isArray(rows[table]))
				rows[table] = rows[table].map((row: object) => ({ ...defaults, ...row }));
	}
	if (from < 5) withBestBy(rows);
	return { ...file, version: backupVersion, tables: rows as BackupTables };
}
