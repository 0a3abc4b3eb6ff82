import type { LearnedMinutes } from '../../../core/cooking/index.ts';
import type { OwnedAppliances } from '../../../core/kitchen/index.ts';
import type { ApplianceName } from '../../../core/appliances/index.ts';
import { noteOfProposal, type SaidProposal } from '../../../present/learn-words.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import { dishesById } from '../../queries/learn.ts';
import { undoable } from '../../undo/undoable.ts';
import { addNote, setDishLearned } from '../../writes/dishes.ts';
import { saveHousehold } from '../../writes/household.ts';
import { paceKey, worthChanging } from './worth-changing.ts';

/** Does what a proposal says, with a line to take it back. False when it does not follow any more from what is written down. */
export async function acceptProposal(
	db: Db,
	compute: Compute,
	house: Household,
	key: string,
	nowMs: number
): Promise<boolean> {
	const proposal = (await worthChanging(db, compute, house, nowMs)).find((one) => one.key === key);
	if (!proposal) return false;
	const weighed = { ...house.weighed, [key]: nowMs };
	if (proposal.kind === 'pace') {
		const paces = { ...house.owned.paces, [proposal.appliance]: proposal.pace };
		return changeLearned(db, house, { owned: { ...house.owned, paces }, weighed }, nowMs);
	}
	const dish = (await dishesById(db, [proposal.dishId])).get(proposal.dishId);
	if (!dish) return false;
	const { learned, usualBatches } = dish;
	const note = noteOfProposal(proposal);
	const action = {
		kind: 'dish-learned',
		dishId: dish.id,
		before: { learned, usualBatches },
		weighed: house.weighed,
		noteAtMs: note === null ? null : nowMs
	} as const;
	return undoable(db, { action, what: dish.name, atMs: nowMs }, async (tx) => {
		await saveHousehold(tx, { weighed });
		if (note) await addNote(tx, { dishId: dish.id, atMs: nowMs, text: note });
		await setDishLearned(tx, dish.id, {
			learned: withMinutes(learned, proposal),
			usualBatches: proposal.batches ?? usualBatches
		});
		return true;
	});
}

function withMinutes(
	learned: readonly LearnedMinutes[],
	{ way, byMin }: Exclude<SaidProposal, { kind: 'pace' }>
): LearnedMinutes[] {
	if (!way || byMin === undefined) return [...learned];
	const { appliance, state } = way;
	const same = (one: LearnedMinutes) => one.appliance === appliance && one.state === state;
	const before = learned.find(same)?.byMin ?? 0;
	return [...learned.filter((one) => !same(one)), { appliance, state, byMin: before + byMin }];
}

/** A proposal that is not wanted comes again only when more is written down. */
export const setAside = (db: Db, house: Household, key: string, nowMs: number): Promise<boolean> =>
	changeLearned(db, house, { weighed: { ...house.weighed, [key]: nowMs } }, nowMs);

/** The times of an appliance are as computed for its kind again; its cooks so far do not count any more where they are forgotten. */
export async function unlearnAppliance(
	db: Db,
	house: Household,
	appliance: ApplianceName,
	forget: boolean,
	nowMs: number
): Promise<boolean> {
	const { [appliance]: _used, ...paces } = house.owned.paces ?? {};
	const owned: OwnedAppliances = {
		...house.owned,
		paces,
		...(forget && { forgotten: { ...house.owned.forgotten, [appliance]: nowMs } })
	};
	const weighed = { ...house.weighed, [paceKey(appliance)]: nowMs };
	return changeLearned(db, house, { owned, weighed }, nowMs);
}

/** A dish's own minutes and batches are as computed and as usual again. */
export async function unlearnDish(
	db: Db,
	house: Household,
	dishId: number,
	nowMs: number
): Promise<boolean> {
	const dish = (await dishesById(db, [dishId])).get(dishId);
	if (!dish) return false;
	const { learned, usualBatches, name } = dish;
	const before = { learned, usualBatches };
	const { weighed } = house;
	const action = { kind: 'dish-learned', dishId, before, weighed, noteAtMs: null } as const;
	return undoable(db, { action, what: name, atMs: nowMs }, (tx) =>
		setDishLearned(tx, dishId, { learned: [], usualBatches: null })
	);
}

async function changeLearned(
	db: Db,
	house: Household,
	values: Partial<Pick<Household, 'owned' | 'weighed'>>,
	nowMs: number
): Promise<boolean> {
	const before: typeof values = {
		...(values.owned && { owned: house.owned }),
		weighed: house.weighed
	};
	const action = { kind: 'household-changed', before } as const;
	return undoable(db, { action, what: '', atMs: nowMs }, async (tx) => {
		await saveHousehold(tx, values);
		return true;
	});
}
