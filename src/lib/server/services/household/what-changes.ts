import type { Backup } from '../../../formats/backup.ts';
import type { BackupTables } from '../../../formats/backup-tables.ts';

/** What reading a file back changes of one kind of thing. */
export interface KindOfChange {
	kind: 'dishes' | 'packs' | 'runs' | 'days' | 'cooks' | 'meals' | 'prices' | 'readings';
	now: number;
	then: number;
	/** names of those that would go and come, the first few, and how many more */
	goes: Named;
	comes: Named;
}

interface Named {
	names: string[];
	more: number;
}

export interface WhatChanges {
	exportedAtMs: number;
	kinds: KindOfChange[];
}

const mostNamed = 6;
type Rows<T extends keyof BackupTables> = BackupTables[T];
const kindsOf = (tables: BackupTables) => ({
	dishes: tables.dishes.filter((row) => row.removedAtMs === null).map(({ name }) => name),
	packs: tables.packs
		.filter(({ status }) => status === 'frozen' || status === 'thawing' || status === 'reserved')
		.map(({ code }) => code),
	runs: tables.coolingRuns.map(({ name, startedAtMs }) => `${name} ${dayOf(startedAtMs)}`),
	days: livingDays(tables.packingDays).map(({ onDay }) => onDay),
	cooks: tables.cooks.map(({ id }) => String(id)),
	meals: tables.plannedMeals.map(({ onDay, name }) => `${onDay} ${name}`.trim()),
	prices: tables.prices.map(({ itemName, label }) => `${itemName} ${label}`.trim()),
	readings: [...tables.coolingReadings, ...tables.freezerReadings].map(({ id }) => String(id))
});
const livingDays = (rows: Rows<'packingDays'>) => rows.filter((row) => row.removedAtMs === null);
const dayOf = (ms: number) => new Date(ms).toISOString().slice(0, 10);

/** Only these are named: of a cook or a reading there is nothing to call it by. */
const named: readonly KindOfChange['kind'][] = ['dishes', 'packs', 'runs', 'days', 'meals'];

/** What is there now against what a file holds. */
export function whatChanges(now: BackupTables, file: Backup): WhatChanges {
	const before = kindsOf(now);
	const after = kindsOf(file.tables);
	const kinds = (Object.keys(before) as KindOfChange['kind'][]).map((kind): KindOfChange => {
		const had = new Set(before[kind]);
		const has = new Set(after[kind]);
		const isNamed = named.includes(kind);
		const few = (names: Set<string>, without: Set<string>): Named => {
			const only = isNamed ? [...names].filter((name) => !without.has(name)) : [];
			return { names: only.slice(0, mostNamed), more: Math.max(0, only.length - mostNamed) };
		};
		return {
			kind,
			now: before[kind].length,
			then: after[kind].length,
			goes: few(had, has),
			comes: few(has, had)
		};
	});
	return { exportedAtMs: file.exportedAtMs, kinds };
}
