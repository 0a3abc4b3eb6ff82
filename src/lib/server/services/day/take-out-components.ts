import { type DayEvent, dayState, takeOutKey } from '../../../core/schedule/index.ts';
import type { Db } from '../../db/db.ts';
import { tellChange } from '../../live/changes.ts';
import { eventsOfDay } from '../../queries/days.ts';
import { componentPacks } from '../../queries/pantry.ts';
import { changePack } from '../packs/change-packs.ts';

/** A component's pack that is ticked as taken out is out of the freezer, and back in it when the tick is taken away. */
export async function followTakenOut(
	db: Db,
	dayId: number,
	events: readonly DayEvent[]
): Promise<void> {
	const keys = new Set(events.map(({ key }) => key));
	if (![...keys].some((key) => key.startsWith(takeOutKey('')))) return;
	const known = await eventsOfDay(db, dayId);
	const { ticked } = dayState(known);
	// only what this day took out is put back by it
	const taken = new Set(known.filter(({ kind }) => kind === 'tick').map(({ key }) => key));
	const atMs = Math.max(...events.map((event) => event.atMs));
	const codes = [...keys].map((key) => key.slice(takeOutKey('').length));
	for (const { code } of await componentPacks(db, codes)) {
		const key = takeOutKey(code);
		if (!keys.has(key) || !taken.has(key)) continue;
		await changePack(db, code, { kind: ticked[key] ? 'cooked' : 'put-back' }, atMs);
	}
	tellChange({ topic: 'clocks' });
}
