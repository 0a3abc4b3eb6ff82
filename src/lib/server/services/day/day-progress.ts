import { type DayProgress, dayState } from '../../../core/schedule/index.ts';
import type { Db } from '../../db/db.ts';
import { coolingsOfDay } from '../../queries/cooling.ts';
import { dishesOfDay, eventsOfDay, getDay, listDays, marksOfDay } from '../../queries/days.ts';
import { openPortions } from './day-portions.ts';

/** What is to be packed of a day, as a page may have read it already. */
type Portions = { open: readonly { packs: number }[]; packs: number };

/** Null when there is no such day. */
export async function dayProgress(
	db: Db,
	dayId: number,
	portions?: Portions
): Promise<DayProgress | null> {
	const day = await getDay(db, dayId);
	if (!day) return null;
	const [dishes, marks, events, coolings, { open, packs: of }, days] = await Promise.all([
		dishesOfDay(db, dayId),
		marksOfDay(db, dayId),
		eventsOfDay(db, dayId),
		coolingsOfDay(db, dayId),
		portions ?? openPortions(db, dayId),
		listDays(db)
	]);
	const state = dayState(events);
	const tasks = (day.run?.plan?.tasks ?? []).filter(({ kind }) => kind !== 'pause');
	const isOver = (id: string) =>
		state.tasks[id]?.endedAtMs !== undefined || state.tasks[id]?.skipped === true;
	return {
		id: day.id,
		onDay: day.onDay,
		dishes: dishes.length,
		bought: marks.filter(({ ticked }) => ticked).length,
		tasks: day.run?.plan
			? { left: tasks.filter(({ id }) => !isOver(id)).length, of: tasks.length }
			: null,
		cooling: coolings.filter(({ endedAtMs }) => endedAtMs === null).length,
		packs: { left: open.reduce((sum, { packs }) => sum + packs, 0), of },
		ended: state.endedAtMs !== null,
		others: days.filter(({ id }) => id !== day.id).map(({ id, onDay }) => ({ id, onDay }))
	};
}
