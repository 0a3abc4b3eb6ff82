import { w } from '../present/wording/index.ts';
import * as yup from 'yup';

/** Version of the file format; docs/export-format.md describes it. Older versions are read, newer ones refused. */
export const backupVersion = 2;

const int = () => yup.number().integer().strict().defined();
const real = () => yup.number().strict().defined();
const text = () => yup.string().strict().defined();
const json = () => yup.mixed<NonNullable<unknown>>().defined();
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
		slowCooker: json(),
		pressureCooker: json(),
		oven: json()
	}),
	freezers: yup.object({
		id: int(),
		name: text(),
		volumeL: real(),
		setC: real(),
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
		understood: oneOf(['full', 'item', 'text'])
	}),
	coolingRuns: yup.object({
		id: int(),
		dishId: int().nullable(),
		name: text(),
		vessel: oneOf(['pot', 'dish', 'tray']),
		place: oneOf(['counter', 'ice-bath', 'refrigerator']),
		volumeL: real(),
		depthM: real(),
		input: json(),
		forecast: json(),
		startedAtMs: int(),
		endedAtMs: int().nullable()
	}),
	coolingReadings: yup.object({
		id: int(),
		runId: int(),
		atMs: int(),
		tempC: real(),
		removed: yup.boolean().strict().defined()
	}),
	packings: yup.object({
		id: int(),
		dishId: int(),
		coolingRunId: int().nullable(),
		packedOn: day(),
		servings: int(),
		container: text(),
		massKg: real(),
		lengthM: real(),
		widthM: real(),
		thicknessM: real(),
		state: oneOf(['raw', 'cooked']),
		content: oneOf(['raw-meat', 'cooked', 'plain']),
		core: text(),
		coreC: real(),
		allergens: yup.array(text()).defined(),
		storage: json(),
		card: json(),
		cardInput: json()
	}),
	packs: yup.object({
		id: int(),
		code: text(),
		packingId: int(),
		number: int(),
		of: int(),
		shelfId: int(),
		status: oneOf(['frozen', 'cooked']),
		cookedAtMs: int().nullable(),
		version: int()
	})
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
			message: w.backup.thisIsNotAn
		};
	}
	const head = raw as Partial<Backup> | null;
	if (typeof head !== 'object' || head === null || head.format !== 'almacen')
		return { ok: false, message: w.backup.thisFileWasNot };
	if (typeof head.version !== 'number' || head.version > backupVersion)
		return {
			ok: false,
			message: w.backup.thisFileHasVersion(String(head.version), backupVersion)
		};
	const file = upgraded(head);
	const schema = yup.object({
		exportedAtMs: int(),
		lastSerial: int().min(0),
		tables: yup.object(
			Object.fromEntries(
				Object.entries<yup.ObjectSchema<yup.AnyObject>>(tables).map(([name, row]) => [
					name,
					yup.array(row.noUnknown().strict()).defined()
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
			message: w.backup.theFileIsDamaged(error.path ?? 'its start', error.errors[0])
		};
	}
	return { ok: true, backup: file as Backup };
}

/** An older file as the present version has it. Version 2 added the household's oven. */
function upgraded(file: Partial<Backup>): Partial<Backup> {
	const rows = file.tables?.household;
	if (file.version !== 1 || !Array.isArray(rows)) return file;
	const household = rows.map((row) => ({ ...row, oven: {} }));
	return {
		...file,
		version: backupVersion,
		tables: { ...(file.tables as BackupTables), household }
	};
}
