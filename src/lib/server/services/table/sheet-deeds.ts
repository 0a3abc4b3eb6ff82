import { applianceOf, defaultMethods, methodKey } from '../../../core/appliances/index.ts';
import type { CarriedOn, CookBegun } from '../../../core/cooking/index.ts';
import {
	cookSheet,
	goesIn,
	lastPot,
	nextPot,
	type SheetPlan,
	type SheetPot,
	type SideDish
} from '../../../core/serving/index.ts';
import { addDays } from '../../../core/units/index.ts';
import { dayIn } from '../../../present/time.ts';
import * as w from '../../../present/wording/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { sheetById, type CookSheetRow } from '../../queries/cook-sheets.ts';
import { changeCookSheet } from '../../writes/cook-sheets.ts';
import { addLeftovers } from '../../writes/leftovers.ts';
import { changePacks } from '../packs/change-packs.ts';

/** Reads a sheet, changes it, and reads it again when another device was quicker: what both said holds. */
async function changing(
	db: Db,
	id: number,
	change: (sheet: CookSheetRow) => Parameters<typeof changeCookSheet>[2] | null
): Promise<CookSheetRow | null> {
	for (let again = 0; again < 5; again++) {
		const sheet = await sheetById(db, id);
		if (!sheet || sheet.endedAtMs !== null) return null;
		const values = change(sheet);
		if (!values) return sheet;
		if (await changeCookSheet(db, sheet, values)) return sheet;
	}
	return null;
}

/** A step is done; a second tap on it changes nothing. Taken out to thaw, the packs are so everywhere. */
export async function tickStep(db: Db, id: number, step: string, atMs: number): Promise<boolean> {
	const sheet = await changing(db, id, ({ ticks, plan }) => {
		const known = cookSheet(plan, ticks, atMs).steps.some((known) => known.id === step);
		return known && ticks[step] === undefined ? { ticks: { ...ticks, [step]: atMs } } : null;
	});
	if (!sheet) return false;
	if (sheet.ticks[step] === undefined && (step === 'take-out' || step === 'into-water')) {
		const place = step === 'take-out' ? 'refrigerator' : 'cold-water';
		const what = w.packDeeds.did.pulled({ what: namedPacks(sheet) });
		await changePacks(db, sheet.codes, { kind: 'pulled', place }, { nowMs: atMs, what });
	}
	return true;
}

/** It was not done after all. What was ticked after it stays. */
export const untickStep = async (db: Db, id: number, step: string): Promise<boolean> =>
	(await changing(db, id, ({ ticks }) => {
		const { [step]: _gone, ...rest } = ticks;
		return { ticks: rest };
	})) !== null;

/** Guests come earlier or later. */
export const setWish = async (db: Db, id: number, wishMs: number): Promise<boolean> =>
	(await changing(db, id, ({ plan }) => ({ plan: { ...plan, wishMs } }))) !== null;

export const addSide = async (db: Db, id: number, side: SideDish): Promise<boolean> =>
	(await changing(db, id, ({ plan }) => ({ plan: { ...plan, sides: [...plan.sides, side] } }))) !==
	null;

/** The last side is taken off; those before it keep their places and what was done of them. */
export const dropSide = async (db: Db, id: number): Promise<boolean> =>
	(await changing(db, id, ({ plan, ticks }) => {
		const { [`side-${plan.sides.length - 1}`]: _gone, ...rest } = ticks;
		return { plan: { ...plan, sides: plan.sides.slice(0, -1) }, ticks: rest };
	})) !== null;

/** Since when the food is in the appliance it is in; null: it is not in yet. */
export function inSince({ plan, ticks }: Pick<CookSheetRow, 'plan' | 'ticks'>): number | null {
	return ticks[goesIn(plan.pots.length - 1)] ?? null;
}

/** What the model is asked of the food as it is: how long it has been in each appliance. Null before it is in. */
function begunOf(sheet: CookSheetRow, nowMs: number): CookBegun | null {
	const { plan, ticks, convert } = sheet;
	const begun = plan.pots.flatMap((_, i) => ticks[goesIn(i)] ?? []);
	if (begun.length < plan.pots.length) return null;
	return {
		convert,
		state: plan.pots[0].state,
		stages: plan.pots.map(({ method, off }, i) => ({
			method,
			off,
			minutes: Math.max(0, ((begun[i + 1] ?? nowMs) - begun[i]) / 60_000)
		}))
	};
}

/** Where the food can go on from the state it is in; empty before it is in. */
export async function otherPots(
	compute: Compute,
	sheet: CookSheetRow,
	nowMs: number
): Promise<CarriedOn[]> {
	const begun = begunOf(sheet, nowMs);
	if (!begun) return [];
	const { method: now, off = false } = lastPot(sheet.plan);
	const methods = (sheet.convert.methods ?? defaultMethods(sheet.convert.kind)).filter(
		(method) =>
			(off || methodKey(method) !== methodKey(now)) &&
			// nothing is made to wait in a slow cooker that began elsewhere, or has waited in a cold one
			(!applianceOf(method).slow || (applianceOf(now).slow === true && !off))
	);
	const found = await compute('carry-on', { begun, methods });
	return found.filter(({ advice }) => advice !== 'refused');
}

/** The food goes on in another appliance, as was offered. False when that is none any more. */
export async function movePot(
	db: Db,
	compute: Compute,
	id: number,
	way: string,
	nowMs: number
): Promise<boolean> {
	const sheet = await sheetById(db, id);
	if (!sheet || sheet.endedAtMs !== null) return false;
	const carried = (await otherPots(compute, sheet, nowMs)).find(
		({ method }) => methodKey(method) === way
	);
	if (!carried) return false;
	return (
		(await changing(db, id, ({ plan }) => {
			const [first] = plan.pots;
			return { plan: { ...plan, pots: [...plan.pots, nextPot(carried, first.state)] } };
		})) !== null
	);
}

/** It is not ready after a reading: so long it still is at least, under a lid that went back on. */
export async function noteCore(
	db: Db,
	compute: Compute,
	id: number,
	tempC: number,
	nowMs: number
): Promise<boolean> {
	const sheet = await sheetById(db, id);
	const since = sheet && inSince(sheet);
	if (!sheet || since === null) return false;
	const pot = lastPot(sheet.plan);
	const { moreMin } = await compute('after-reading', {
		convert: sheet.convert,
		method: pot.method,
		state: pot.state,
		setMin: pot.setMin,
		elapsedMin: (nowMs - since) / 60_000,
		tempC
	});
	return (
		(await changing(db, id, ({ plan, readings, ticks }) => {
			const { measure: _measured, ...untilMeasured } = ticks;
			return {
				readings: [...readings, { atMs: nowMs, tempC, moreMin }],
				plan: withLastPot(plan, { readyAtMs: nowMs + moreMin * 60_000 }),
				ticks: moreMin > 0 ? untilMeasured : { ...ticks, measure: nowMs }
			};
		})) !== null
	);
}

const withLastPot = (plan: SheetPlan, change: Partial<SheetPot>): SheetPlan => ({
	...plan,
	pots: [...plan.pots.slice(0, -1), { ...lastPot(plan), ...change }]
});

const namedPacks = ({ facts, codes }: Pick<CookSheetRow, 'facts' | 'codes'>) =>
	`${facts.name}, ${codes.join(', ')},`;

/** On the table: the packs are cooked, what is left stands in the refrigerator with its date. */
export async function finishSheet(
	db: Db,
	id: number,
	left: { servings: number; timeZone: string },
	nowMs: number
): Promise<boolean> {
	return db.transaction(async (tx) => {
		const sheet = await changing(tx, id, ({ ticks }) => ({
			ticks: { ...ticks, serve: nowMs },
			endedAtMs: nowMs,
			ended: 'served'
		}));
		if (!sheet) return false;
		const what = w.packDeeds.did.cooked({ what: namedPacks(sheet) });
		await changePacks(tx, sheet.codes, { kind: 'cooked' }, { nowMs, what });
		if (left.servings > 0)
			await addLeftovers(tx, {
				name: sheet.facts.name,
				codes: sheet.codes,
				servings: left.servings,
				storedAtMs: nowMs,
				eatBy: addDays(dayIn(nowMs, left.timeZone), sheet.facts.leftoverDays)
			});
		return true;
	});
}

/** The meal is given up: the packs stay what they are. */
export const leaveSheet = async (db: Db, id: number, nowMs: number): Promise<boolean> =>
	(await changing(db, id, () => ({ endedAtMs: nowMs, ended: 'left' }))) !== null;

/** What was in it was never heated and is thrown away. */
export async function discardSheet(
	db: Db,
	id: number,
	reason: string,
	nowMs: number
): Promise<boolean> {
	const sheet = await changing(db, id, () => ({ endedAtMs: nowMs, ended: 'left' }));
	if (!sheet) return false;
	const what = w.packDeeds.did.discarded({ what: namedPacks(sheet) });
	await changePacks(db, sheet.codes, { kind: 'discarded', reason }, { nowMs, what });
	return true;
}

/** The appliance it is in was found never to have been switched on. */
export const foundOff = async (db: Db, id: number): Promise<boolean> =>
	(await changing(db, id, ({ plan }) => ({ plan: withLastPot(plan, { off: true }) }))) !== null;
