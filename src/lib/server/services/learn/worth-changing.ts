import {
	enoughCooks,
	type Proposal,
	proposalsFrom,
	rememberedSinceMs,
	type YieldRecord
} from '../../../core/learning/index.ts';
import type { ApplianceName } from '../../../core/appliances/index.ts';
import type { SaidProposal } from '../../../present/learn-words.ts';
import { dayIn } from '../../../present/time.ts';
import { nowMs as serverMs } from '../../now.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import { cookRecords, dishesById, inputsOfCooks, packedOnDays } from '../../queries/learn.ts';
import { batchesSeen, packsPastBest } from '../../queries/learn-batches.ts';
import { getDishes } from '../../queries/dishes.ts';
import { packedKgOf } from '../day/packed-kg.ts';
import { appliancePaces, cookNow, type AppliancePace } from './paces.ts';

const dayMs = 86_400_000;
/** A pace nearer to the one in use than this is not worth a word. */
const noticeable = 0.04;

export const paceKey = (appliance: ApplianceName) => `pace ${appliance}`;

/** Everything that follows from what the household wrote down. `paces`: its appliances', where somebody asked for them already. */
export async function worthChanging(
	db: Db,
	compute: Compute,
	house: Household,
	nowMs: number,
	paces: Promise<AppliancePace[]> = appliancePaces(db, compute, house)
): Promise<SaidProposal[]> {
	const [ofDishes, known] = await Promise.all([dishProposals(db, compute, house, nowMs), paces]);
	return [...paceProposals(house, known), ...ofDishes];
}

/** What is worth changing about dishes, for a page that looks at it when it comes; nobody else is told when it fails. */
export function worthOfDishes(
	{ db, compute }: { db: Db; compute: Compute },
	house: Household,
	dishIds: readonly number[]
): Promise<SaidProposal[]> {
	const worth = dishProposals(db, compute, house, serverMs(), dishIds);
	worth.catch(() => undefined);
	return worth;
}

function paceProposals(house: Household, paces: readonly AppliancePace[]): SaidProposal[] {
	return paces.flatMap(({ appliance, pace, rests }): SaidProposal[] => {
		if (!pace || pace.cooks < enoughCooks) return [];
		const used = house.owned.paces?.[appliance];
		const key = paceKey(appliance);
		const after = house.weighed[key] ?? 0;
		const fresh = rests.filter(({ atMs }) => atMs > after);
		const near = Math.abs(Math.log(pace.factor / (used?.factor ?? 1))) < noticeable;
		if (near || fresh.length === 0) return [];
		const codes = [...new Set(rests.map(({ code }) => code))];
		return [{ kind: 'pace', key, appliance, pace, codes }];
	});
}

async function dishProposals(
	db: Db,
	compute: Compute,
	house: Household,
	nowMs: number,
	dishIds?: readonly number[]
): Promise<SaidProposal[]> {
	const { timeZone, weighed } = house;
	const today = dayIn(nowMs, timeZone);
	const sinceMs = rememberedSinceMs(nowMs);
	const sinceDay = dayIn(sinceMs, timeZone);
	const counted = (kind: 'twice' | 'half') => ({
		sinceMs,
		laterMs: laterOf(weighed, kind, sinceMs),
		nowMs,
		dishIds
	});
	const found = proposalsFrom({
		cooks: await cookRecords(db, sinceMs, dishIds),
		batches: await batchesSeen(db, counted('twice')),
		best: await packsPastBest(db, { ...counted('half'), today, timeZone }),
		yields: await yieldsOf(db, sinceDay, dishIds),
		weighed,
		nowMs
	});
	const dishes = await dishesById(
		db,
		found.map(({ dishId }) => dishId)
	);
	const all = await Promise.all(
		found.map(async (proposal): Promise<SaidProposal | null> => {
			const dish = dishes.get(proposal.dishId);
			if (!dish) return null;
			const { name } = dish;
			const usual = dish.usualBatches ?? 1;
			switch (proposal.kind) {
				case 'shorter':
				case 'longer': {
					const more = await minutesOf(db, compute, house, proposal);
					return more && { ...proposal, name, ...more };
				}
				case 'twice':
					return { ...proposal, name, batches: Math.min(20, usual * 2) };
				case 'half':
					return { ...proposal, name, batches: usual > 1 ? Math.floor(usual / 2) : null };
				case 'yields-less':
				case 'yields-more':
				case 'smaller':
				case 'larger':
					return { ...proposal, name };
			}
		})
	);
	return all.filter((one) => one !== null);
}

/** Of which dishes a proposal of this kind was accepted or set aside since a moment, and when. */
function laterOf(
	weighed: Readonly<Record<string, number>>,
	kind: Proposal['kind'],
	sinceMs: number
): Map<number, number> {
	return new Map(
		Object.entries(weighed).flatMap(([key, ms]) => {
			const [about, dishId] = key.split(' ');
			return about === kind && ms > sinceMs ? [[Number(dishId), ms]] : [];
		})
	);
}

/** What dishes came to on packing days, where all of it went into the freezer. */
async function yieldsOf(
	db: Db,
	sinceDay: string,
	dishIds?: readonly number[]
): Promise<YieldRecord[]> {
	const days = (await packedOnDays(db, sinceDay, dishIds)).filter(({ elsewhere }) => !elsewhere);
	const dishes = await getDishes(db, [...new Set(days.map(({ dishId }) => dishId))]);
	const written = new Map([...dishes].map(([id, dish]) => [id, packedKgOf(dish)]));
	return days.flatMap(({ dishId, packedOn, batches, massKg, codes }) => {
		const kg = (written.get(dishId) ?? 0) * batches;
		const [code] = codes;
		return kg > 0
			? [{ dishId, code, codes, atMs: Date.parse(packedOn) + dayMs, yield01: massKg / kg }]
			: [];
	});
}

/** By how much the latest such cook would be cooked shorter or longer, computed once for the same cooks. */
const known = new Map<string, Promise<number | null>>();
const mostKnown = 200;

async function minutesOf(
	db: Db,
	compute: Compute,
	house: Household,
	{ kind, way }: Proposal
): Promise<{ byMin: number; coreC: number | null } | null> {
	const rows = (await inputsOfCooks(db, way?.cookIds ?? [])).filter(({ cardInput }) => cardInput);
	const latest = rows.sort((a, b) => a.id - b.id).at(-1);
	if (!latest) return null;
	const cores = rows.flatMap(({ coreC }) => (coreC === null ? [] : [coreC]));
	const coreC = cores.length ? cores.reduce((sum, c) => sum + c, 0) / cores.length : null;
	const asked = {
		...cookNow(house, latest),
		coreC,
		outcome: kind === 'shorter' ? ('over' as const) : ('under' as const)
	};
	const key = JSON.stringify(asked);
	const coming = known.get(key) ?? compute('own-minutes', asked);
	known.set(key, coming);
	const oldest = known.keys().next();
	if (known.size > mostKnown && !oldest.done) known.delete(oldest.value);
	const byMin = await coming;
	return byMin === null ? null : { byMin, coreC };
}
