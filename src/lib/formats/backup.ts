import * as yup from 'yup';
import * as w from '../present/wording/index.ts';
import { withinLimits } from './backup-limits.ts';
import { int, tables, type BackupTables } from './backup-tables.ts';
import { backupVersion, upgraded } from './backup-versions.ts';

/** More rows than this of one kind no household has. */
const mostRows = 2_000_000;

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
