import { limitsFrom } from '$lib/core/safety/limits';
import { openUndos } from '$lib/server/repos/undo';
import { runningCoolings } from '$lib/server/repos/cooling';
import { countDishes } from '$lib/server/repos/dishes';
import { getHousehold, habitOf } from '$lib/server/repos/household';
import { countFrozen } from '$lib/server/repos/packs';
import { thawingPacks } from '$lib/server/services/thawing-packs';
import { nowMs, timeLapse } from '$lib/server/now';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals }) => {
	const house = await getHousehold(locals.db);
	const runs = await runningCoolings(locals.db);
	return {
		time: { nowMs: nowMs(), lapse: timeLapse },
		house,
		habit: habitOf(house),
		limits: limitsFrom(house.limits),
		undos: await openUndos(locals.db, 3),
		clocks: runs.map(
			({ id, name, place, startedAtMs, endedAtMs, forecast, readings, reheatOfId }) => ({
				id,
				name,
				place,
				startedAtMs,
				endedAtMs,
				forecast,
				readings,
				reheatOfId
			})
		),
		thawing: await thawingPacks(locals.db),
		counts: {
			dishes: await countDishes(locals.db),
			cooling: runs.length,
			packs: await countFrozen(locals.db)
		}
	};
};
