import * as w from '../../../present/wording/index.ts';
import {
	keepsDays,
	refreeze,
	type RefreezeVerdict,
	type ThawPlace
} from '../../../core/rules/index.ts';
import { daysBetween } from '../../../core/units/index.ts';
import type { PackEventKind, PackStatus } from '../../db/schema/index.ts';
import type { Db } from '../../db/db.ts';
import {
	packByCode,
	packRows,
	type PackChange,
	type Packing,
	type PackRow,
	type PackWithCard
} from '../../queries/packs.ts';
import { addPack, addPackEvent, changePackRow, nextCode } from '../../writes/packs.ts';
import { addUndo } from '../../writes/undo.ts';
import type { PackBefore } from '../../undo/undo-action.ts';

/** What can be done to packs wherever they are shown. */
export type PackDeed =
	| { kind: 'cooked' }
	| { kind: 'given' }
	| { kind: 'discarded'; reason: string }
	/** not found when the freezer was counted up */
	| { kind: 'missing' }
	| { kind: 'moved'; shelfId: number; to: string }
	/** `agoMin`: it was out that long already */
	| { kind: 'pulled'; place: ThawPlace; agoMin?: number }
	/** back as it was: a slip of the hand, nothing thawed */
	| { kind: 'put-back' }
	| { kind: 'found' }
	| { kind: 'refrozen' }
	| { kind: 'used-part'; part01: number; detail: string };

/** From which states a deed is possible: a second tap finds the pack elsewhere and does nothing. */
const possibleFrom: Record<PackDeed['kind'], readonly PackStatus[]> = {
	cooked: ['frozen', 'thawing'],
	given: ['frozen', 'thawing'],
	discarded: ['frozen', 'thawing', 'reserved'],
	missing: ['frozen'],
	moved: ['frozen', 'reserved'],
	pulled: ['frozen'],
	'put-back': ['thawing', 'cooked', 'given', 'discarded'],
	found: ['thawing', 'cooked', 'given', 'discarded', 'reserved'],
	refrozen: ['thawing'],
	'used-part': ['frozen', 'thawing']
};

const inside = { cookedAtMs: null, reason: null, pulledAtMs: null, thawPlace: null } as const;

function changeOf(deed: PackDeed, row: PackRow, nowMs: number): PackChange {
	switch (deed.kind) {
		case 'cooked':
		case 'given':
			return { status: deed.kind, cookedAtMs: nowMs };
		case 'discarded':
			return { status: 'discarded', cookedAtMs: nowMs, reason: deed.reason };
		case 'missing':
			return { status: 'discarded', cookedAtMs: nowMs, reason: 'missing' };
		case 'moved':
			return { shelfId: deed.shelfId };
		case 'pulled':
			return {
				status: 'thawing',
				pulledAtMs: nowMs - (deed.agoMin ?? 0) * 60_000,
				thawPlace: deed.place
			};
		case 'put-back':
		case 'found':
			return { status: 'frozen', ...inside };
		case 'refrozen':
			return { status: 'frozen', ...inside, frozenAtMs: nowMs };
		case 'used-part': {
			const part01 = row.part01 - deed.part01;
			return part01 > 1e-9
				? { part01 }
				: { part01: 0, status: 'cooked' as const, cookedAtMs: nowMs };
		}
	}
}

/** The columns a deed can change, as they were. */
export const beforeOf = (row: PackRow): PackBefore => ({
	id: row.id,
	/** as the deed leaves it: an undo does not write over what somebody did since */
	versionAfter: row.version + 1,
	values: {
		status: row.status,
		cookedAtMs: row.cookedAtMs,
		reason: row.reason,
		shelfId: row.shelfId,
		part01: row.part01,
		pulledAtMs: row.pulledAtMs,
		thawPlace: row.thawPlace,
		frozenAtMs: row.frozenAtMs
	}
});

const detailOf = (deed: PackDeed): string => {
	switch (deed.kind) {
		case 'discarded':
			return deed.reason;
		case 'moved':
			return deed.to;
		case 'pulled':
			return deed.place;
		case 'used-part':
			return deed.detail;
		case 'cooked':
		case 'given':
		case 'missing':
		case 'put-back':
		case 'found':
		case 'refrozen':
			return '';
	}
};

export interface Changed {
	done: string[];
	/** those that were not where the deed could find them any more */
	late: string[];
}

/**
 * Does something to packs, all in one step with one line to take it back. `versions`, where a page gives them, are what it showed: a
 * pack that changed since is left alone.
 */
export async function changePacks(
	db: Db,
	codes: readonly string[],
	deed: PackDeed,
	options: { nowMs: number; what: string; versions?: Readonly<Record<string, number>> }
): Promise<Changed> {
	return db.transaction(async (tx) => {
		const changed: Changed = { done: [], late: [] };
		const before: PackBefore[] = [];
		const kind: PackEventKind = deed.kind;
		for (const row of await packRows(tx, codes)) {
			const seen = options.versions?.[row.code];
			const possible =
				possibleFrom[deed.kind].includes(row.status) &&
				(seen === undefined || seen === row.version) &&
				(deed.kind !== 'used-part' || deed.part01 <= row.part01 + 1e-9);
			const done =
				possible &&
				(await changePackRow(tx, row, changeOf(deed, row, options.nowMs), {
					kind,
					detail: detailOf(deed),
					atMs: options.nowMs
				}));
			changed[done ? 'done' : 'late'].push(row.code);
			if (done) before.push(beforeOf(row));
		}
		if (before.length > 0)
			await addUndo(tx, {
				action: { kind: 'packs-changed', deed: deed.kind, before, added: [] },
				what: options.what,
				atMs: options.nowMs
			});
		return changed;
	});
}

/**
 * Makes several packs of one, each with its own code and an equal share of what is still in it. Gives the new codes; null when the
 * pack is not frozen any more.
 */
export async function splitPack(
	db: Db,
	code: string,
	into: number,
	options: { nowMs: number; what: string; version?: number }
): Promise<string[] | null> {
	return db.transaction(async (tx) => {
		const [row] = await packRows(tx, [code]);
		if (!row || row.status !== 'frozen') return null;
		if (options.version !== undefined && options.version !== row.version) return null;
		const part01 = row.part01 / into;
		const event = { kind: 'split', detail: String(into), atMs: options.nowMs } as const;
		if (!(await changePackRow(tx, row, { part01 }, event))) return null;
		const added: string[] = [];
		for (let i = 1; i < into; i++) {
			const made = await nextCode(tx);
			const { id: _, version: __, ...values } = row;
			const id = await addPack(tx, { ...values, code: made, part01, splitFrom: code });
			await addPackEvent(tx, id, { kind: 'split', detail: code, atMs: options.nowMs });
			added.push(made);
		}
		await addUndo(tx, {
			action: { kind: 'packs-changed', deed: 'split', before: [beforeOf(row)], added },
			what: options.what,
			atMs: options.nowMs
		});
		return added;
	});
}

/** Whether a pack that is out to thaw may be frozen again now. */
export function refreezeOf(pack: PackWithCard, nowMs: number): RefreezeVerdict | null {
	if (pack.status !== 'thawing' || pack.pulledAtMs === null || !pack.thawPlace) return null;
	const { thawedMin } = thawMinutes(pack);
	return refreeze({
		place: pack.thawPlace,
		outH: (nowMs - pack.pulledAtMs) / 3600_000,
		thawedAfterH: thawedMin === null ? null : thawedMin / 60,
		keepsDays: keepsDaysOf(pack),
		cookedSince: false
	});
}

/** Days a pack keeps once thawed; those it lay in the refrigerator before it was frozen count. */
export function keepsDaysOf({
	packing
}: {
	packing: Pick<Packing, 'cookedOn' | 'packedOn' | 'storage'>;
}): number {
	const { cookedOn, packedOn, storage } = packing;
	return keepsDays(storage.parts, cookedOn ? daysBetween(cookedOn, packedOn) : 0);
}

/** Minutes until a pack bends and is free of ice where it thaws; a microwave takes minutes, and without a card nobody knows. */
export function thawMinutes(
	pack: Pick<PackWithCard, 'thawPlace'> & { packing: Pick<Packing, 'card'> }
): {
	pliableMin: number | null;
	thawedMin: number | null;
} {
	const thaw = pack.packing.card?.thaw;
	switch (pack.thawPlace) {
		case 'cold-water':
			return thaw?.coldWater ?? { pliableMin: null, thawedMin: null };
		case 'microwave':
			return { pliableMin: 0, thawedMin: 0 };
		case 'counter':
			return { pliableMin: null, thawedMin: null };
		case 'refrigerator':
		case null:
			return thaw?.refrigerator ?? { pliableMin: null, thawedMin: null };
	}
}

/** One pack by one deed, named for its line to take it back. False when it was not there to be done any more. */
export async function changePack(
	db: Db,
	code: string,
	deed: PackDeed,
	nowMs: number,
	version?: number
): Promise<boolean> {
	const pack = await packByCode(db, code);
	if (!pack) return false;
	const { done } = await changePacks(db, [code], deed, {
		nowMs,
		what: w.packDeeds.did[deed.kind]({ what: `${pack.name}, ${code}` }),
		...(version === undefined ? {} : { versions: { [code]: version } })
	});
	return done.length === 1;
}
