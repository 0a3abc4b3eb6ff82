import type { ContainerKey } from '../../../core/published/index.ts';
import * as w from '../../../present/wording/index.ts';
import type { Db } from '../../db/db.ts';
import { containersLeft } from '../../queries/freezer-stock.ts';
import { setContainerOwned } from '../../writes/freezer-stock.ts';
import { addUndo } from '../../writes/undo.ts';

/** Writes down how many of each container there are (null: not counted), each with a line to take it back. */
export async function ownContainers(
	db: Db,
	wanted: ReadonlyMap<ContainerKey, number | null>,
	atMs: number
): Promise<void> {
	const before = new Map((await containersLeft(db)).map((c) => [c.container, c.owned]));
	await db.transaction(async (tx) => {
		for (const [container, owned] of wanted) {
			const was = before.get(container) ?? null;
			if (was === owned) continue;
			await setContainerOwned(tx, container, owned);
			await addUndo(tx, {
				action: { kind: 'containers-changed', container, owned: was },
				what: w.containersPage.heading,
				atMs
			});
		}
	});
}
