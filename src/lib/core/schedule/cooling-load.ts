import type { KeptPlan, RunSheet } from './run-sheet.ts';

/** What the cooling of a whole day asks of a kitchen. */
export interface CoolingLoad {
	/** ice of all dishes, kg */
	iceKg: number;
	/** ice baths in use at a time, at most, and minutes that they are busy, all together */
	baths: number;
	bathMin: number;
	/** litres of hot food in the refrigerator at a time, at most */
	refrigeratorL: number;
	/** minutes of hands that stir */
	stirMin: number;
}

/** What is in use at a time, at most, of a resource. */
function mostAtOnce(plan: KeptPlan, resource: string): number {
	const using = plan.tasks.filter(({ uses }) => (uses?.[resource] ?? 0) > 0);
	return using.reduce((most, { id }) => {
		const at = plan.startMin[id] ?? 0;
		const used = using
			.filter((task) => {
				const from = plan.startMin[task.id] ?? 0;
				return from <= at && from + task.durationMin > at;
			})
			.reduce((sum, task) => sum + (task.uses?.[resource] ?? 0), 0);
		return Math.max(most, used);
	}, 0);
}

/** Ice of all dishes, kg. */
export const iceInAllKg = (cooling: RunSheet['cooling']): number =>
	Object.values(cooling).reduce((sum, { iceKg }) => sum + (iceKg ?? 0), 0);

/** Ice, baths, litres and hands that a day's cooling takes, as it is planned. */
export function coolingLoad(plan: KeptPlan, cooling: RunSheet['cooling']): CoolingLoad {
	const minutesOf = (tasks: KeptPlan['tasks']) =>
		tasks.reduce((sum, { durationMin }) => sum + durationMin, 0);
	return {
		iceKg: iceInAllKg(cooling),
		baths: mostAtOnce(plan, 'ice-bath'),
		bathMin: minutesOf(plan.tasks.filter(({ uses }) => (uses?.['ice-bath'] ?? 0) > 0)),
		refrigeratorL: mostAtOnce(plan, 'refrigerator'),
		stirMin: minutesOf(plan.tasks.filter(({ kind }) => kind === 'stir'))
	};
}
