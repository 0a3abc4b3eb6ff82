import { withinLimits } from './backup-limits.ts';
import { thawPlaces } from '../core/storage/refreeze.ts';
import {
	applianceNames,
	earlierAppliances,
	type OwnedAppliances
} from '../core/kitchen/owned-appliances.ts';
import { freezerKinds } from '../core/published/freezer-kinds.ts';
import { dayEventKinds } from '../core/schedule/day-events.ts';
import * as w from '../present/wording/index.ts';
import * as yup from 'yup';

/** Version of the file format; docs/export-format.md describes it. Older versions are read, newer ones refused. */
export const backupVersion = 12;

/** More rows than this of one kind no household has. */
const mostRows = 2_000_000;

const int = () => yup.number().integer().strict().defined();
const real = () => yup.number().strict().defined();
const text = () => yup.string().strict().defined();
const json = () =>
	yup
		.mixed<NonNullable<unknown>>(
			(value): value is NonNullable<unknown> => typeof value === 'object'
		)
		.defined();
const day = () => text().matches(/^\d{4}-\d{2}-\d{2}$/);
const oneOf = <const T extends string>(values: readonly T[]) =>
	yup
		.mixed<T>((value): value is T => values.includes(value as T))
		.defined()
		.nonNullable();

const tables = {
	household: yup.object({
		id: int(),
		system: oneOf(['metric', 'us']),
		temperature: oneOf(['c', 'f']),
		altitudeM: real(),
		roomC: real(),
		refrigeratorC: real(),
		timeZone: text(),
		clock: oneOf(['24', '12']),
		dayOrder: oneOf(['dmy', 'mdy', 'ymd']),
		leads: oneOf(['best-by', 'good-to']),
		limits: json(),
		settledAtMs: int().nullable(),
		houseMonths: int().nullable(),
		freezeAnyway: yup.array(text()).defined(),
		labelNutrition: yup.boolean().strict().defined(),
		budgetCents: int().nullable(),
		currency: text().nullable(),
		calendarToken: text().nullable(),
		eaters: int().nullable(),
		weighed: yup.mixed<Record<string, number>>().defined().nonNullable(),
		labelSetup: json(),
		slowCooker: json(),
		pressureCooker: json(),
		oven: json(),
		owned: yup
			.object({
				appliances: yup.array(oneOf(applianceNames)).defined(),
				microwaveW: yup.number().strict(),
				boil: yup.object({ litres: real(), minutes: real() }).noUnknown().default(undefined),
				paces: yup.mixed<NonNullable<OwnedAppliances['paces']>>().nonNullable(),
				forgotten: yup.mixed<NonNullable<OwnedAppliances['forgotten']>>().nonNullable()
			})
			.noUnknown()
			.defined()
	}),
	freezers: yup.object({
		id: int(),
		name: text(),
		volumeL: real(),
		setC: real(),
		settings: json(),
		kind: oneOf(freezerKinds),
		probe: text().nullable(),
		removedAtMs: int().nullable()
	}),
	shelves: yup.object({
		id: int(),
		freezerId: int(),
		name: text(),
		position: int(),
		removedAtMs: int().nullable()
	}),
	dishes: yup.object({
		id: int(),
		name: text(),
		servings: int(),
		kind: text(),
		state: oneOf(['raw', 'cooked']),
		method: text(),
		addOnDay: text(),
		instruction: json().nullable(),
		allergens: json().nullable(),
		steps: json().nullable(),
		pieces: json().nullable(),
		plateOf: json().nullable(),
		standsFor: text().nullable(),
		learned: json(),
		usualBatches: int().nullable(),
		createdAtMs: int(),
		version: int(),
		removedAtMs: int().nullable()
	}),
	ingredientLines: yup.object({
		id: int(),
		dishId: int(),
		position: int(),
		text: text(),
		quantity: real().nullable(),
		quantityTo: real().nullable(),
		unit: text().nullable(),
		item: text(),
		itemName: text().nullable(),
		cut: text(),
		stage: text(),
		form: text().nullable(),
		optional: yup.boolean().strict().defined(),
		alternatives: yup.array(text()).defined(),
		understood: oneOf(['full', 'item', 'text', 'heading']),
		doubts: yup.array(text()).defined()
	}),
	coolingRuns: yup.object({
		id: int(),
		dishId: int().nullable(),
		name: text(),
		vessel: oneOf(['pot', 'dish', 'tray', 'bag']),
		place: oneOf(['counter', 'ice-bath', 'refrigerator', 'freezer']),
		volumeL: real(),
		depthM: real(),
		input: json(),
		forecast: json(),
		startedAtMs: int(),
		endedAtMs: int().nullable(),
		dayId: int().nullable(),
		probe: text().nullable(),
		reheatOfId: int().nullable(),
		decisions: json()
	}),
	coolingReadings: yup.object({
		id: int(),
		runId: int(),
		atMs: int(),
		tempC: real(),
		source: oneOf(['hand', 'file', 'probe']),
		removed: yup.boolean().strict().defined()
	}),
	packings: yup.object({
		id: int(),
		dishId: int().nullable(),
		name: text().nullable(),
		itemName: text().nullable(),
		coolingRunId: int().nullable(),
		dayId: int().nullable(),
		packedOn: day(),
		dayKnown: oneOf(['day', 'about', 'unknown']),
		boughtOn: day().nullable(),
		cookedOn: day().nullable(),
		thawedBefore: yup.boolean().strict().defined(),
		servings: int(),
		pieces: json().nullable(),
		container: text(),
		massKg: real(),
		lengthM: real(),
		widthM: real(),
		thicknessM: real(),
		state: oneOf(['raw', 'cooked']),
		content: oneOf(['raw-meat', 'cooked', 'plain']),
		core: text(),
		coreC: real(),
		servingCents: real().nullable(),
		allergens: yup.array(text()).defined(),
		allergensKnown: yup.boolean().strict().defined(),
		nutrition: json().nullable(),
		storage: json(),
		card: json().nullable(),
		cardInput: json().nullable()
	}),
	packs: yup.object({
		id: int(),
		code: text(),
		packingId: int(),
		number: int(),
		of: int(),
		shelfId: int(),
		status: oneOf(['reserved', 'frozen', 'thawing', 'cooked', 'given', 'discarded']),
		part01: real(),
		massKg: real().nullable(),
		frozenAtMs: int().nullable(),
		pulledAtMs: int().nullable(),
		thawPlace: oneOf(thawPlaces).nullable(),
		bestBy: day().nullable(),
		lostDays: int(),
		splitFrom: text().nullable(),
		cookedAtMs: int().nullable(),
		reason: text().nullable(),
		assumed: json().nullable(),
		version: int()
	}),
	packEvents: yup.object({ id: int(), packId: int(), atMs: int(), kind: text(), detail: text() }),
	freezerReadings: yup.object({
		id: int(),
		freezerId: int(),
		atMs: int(),
		tempC: real(),
		source: oneOf(['hand', 'file', 'thermometer'])
	}),
	containerStock: yup.object({ id: int(), container: text(), owned: int() }),
	cooks: yup.object({
		id: int(),
		packId: int(),
		atMs: int(),
		method: json(),
		route: text(),
		setMin: real(),
		coreC: real().nullable(),
		outcome: oneOf(['under', 'right', 'over']).nullable(),
		enough: oneOf(['too-little', 'enough', 'too-much']).nullable(),
		forecastMin: real().nullable(),
		withAppliance: text().nullable(),
		note: text()
	}),
	cookSheets: yup.object({
		id: int(),
		codes: yup.array(text()).defined(),
		facts: json(),
		plan: json(),
		convert: json(),
		ticks: json(),
		readings: json(),
		token: text(),
		startedAtMs: int(),
		endedAtMs: int().nullable(),
		ended: oneOf(['served', 'left']).nullable(),
		version: int()
	}),
	leftovers: yup.object({
		id: int(),
		name: text(),
		codes: yup.array(text()).defined(),
		servings: real(),
		storedAtMs: int(),
		eatBy: day(),
		endedAtMs: int().nullable(),
		ended: oneOf(['eaten', 'thrown', 'frozen']).nullable()
	}),
	plannedMeals: yup.object({
		id: int(),
		uid: text(),
		onDay: day(),
		serveAt: text().matches(/^\d{2}:\d{2}$/),
		kind: oneOf(['packs', 'leftovers', 'note']),
		codes: yup.array(text()).defined(),
		name: text(),
		eaters: int(),
		way: json().nullable(),
		createdAtMs: int(),
		version: int()
	}),
	packingDays: yup.object({
		id: int(),
		onDay: day(),
		createdAtMs: int(),
		removedAtMs: int().nullable(),
		run: json().nullable()
	}),
	dayEvents: yup.object({
		id: int(),
		uid: text(),
		dayId: int(),
		kind: oneOf(dayEventKinds),
		key: text(),
		value: real().nullable(),
		atMs: int()
	}),
	dayDishes: yup.object({
		id: int(),
		dayId: int(),
		dishId: int(),
		position: int(),
		batches: int(),
		portions: json()
	}),
	prices: yup.object({
		id: int(),
		itemName: text(),
		label: text(),
		sizeKg: real(),
		priceCents: int(),
		shop: text(),
		onDay: day().nullable()
	}),
	stock: yup.object({ id: int(), itemName: text(), massKg: real() }),
	shopMarks: yup.object({
		id: int(),
		dayId: int(),
		key: text(),
		ticked: yup.boolean().strict().defined(),
		paidCents: int().nullable(),
		comes: text().nullable(),
		atMs: int()
	}),
	dishNotes: yup.object({ id: int(), dishId: int(), atMs: int(), text: text() }),
	dishVersions: yup.object({ id: int(), dishId: int(), atMs: int(), content: json() }),
	dishPictures: yup.object({ id: int(), dishId: int(), jpeg: text(), atMs: int() })
} as const;

export type BackupTable = keyof typeof tables;
export type BackupTables = { [T in BackupTable]: yup.InferType<(typeof tables)[T]>[] };

/** Everything a household has entered and everything kept with it, as plain data. */
export interface Backup {
	format: 'almacen';
	version: number;
	exportedAtMs: number;
	/** the last number used for a pack code; codes never come again, not even after reading back */
	lastSerial: number;
	tables: BackupTables;
}

export type BackupResult = { ok: true; backup: Backup } | { ok: false; message: string };

export const backupText = (backup: Backup): string => JSON.stringify(backup, null, '\t');

/** Reads an exported file, every row checked; what is wrong is said with its place in the file. */
export function readBackup(fileText: string): BackupResult {
	let raw: unknown;
	try {
		raw = JSON.parse(fileText);
	} catch (error) {
		if (!(error instanceof SyntaxError)) throw error;
		return {
			ok: false,
			message: w.backup.notJson
		};
	}
	const head = raw as Partial<Backup> | null;
	if (typeof head !== 'object' || head === null || head.format !== 'almacen')
		return { ok: false, message: w.backup.notOurs };
	if (typeof head.version !== 'number' || head.version > backupVersion)
		return {
			ok: false,
			message: w.backup.tooNew({ version: String(head.version), readable: backupVersion })
		};
	const file = upgraded(head);
	const schema = yup.object({
		exportedAtMs: int(),
		lastSerial: int().min(0),
		tables: yup.object(
			Object.fromEntries(
				Object.entries<yup.ObjectSchema<yup.AnyObject>>(tables).map(([name, row]) => [
					name,
					yup.array(withinLimits(row.noUnknown().strict())).max(mostRows).defined()
				])
			)
		)
	});
	try {
		schema.validateSync(file, { strict: true });
	} catch (error) {
		if (!(error instanceof yup.ValidationError)) throw error;
		return {
			ok: false,
			message: w.backup.damaged({ at: error.path ?? 'its start', why: error.errors[0] })
		};
	}
	return { ok: true, backup: file as Backup };
}

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

/** An older file as the present version has it. */
function upgraded(file: Partial<Backup>): Partial<Backup> {
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
