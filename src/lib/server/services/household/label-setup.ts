import type { Db } from '../../db/db.ts';
import type { LabelSetup } from '../../db/schema/index.ts';
import { getHousehold } from '../../queries/household.ts';
import { saveHousehold } from '../../writes/household.ts';

/** Changes how the household prints labels; what `change` leaves out stays. */
export async function changeLabelSetup(
	db: Db,
	change: (now: LabelSetup) => Partial<LabelSetup>
): Promise<void> {
	const { labelSetup } = await getHousehold(db);
	await saveHousehold(db, { labelSetup: { ...labelSetup, ...change(labelSetup) } });
}
