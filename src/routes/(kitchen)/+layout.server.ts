import { limitsFrom } from '$lib/core/rules';
import { openUndos } from '$lib/server/queries/undo';
import { runningClocks } from '$lib/server/queries/cooling';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { frameCounts } from '$lib/server/queries/frame';
import { thawingPacks } from '$lib/server/services/packs/thawing-packs';
import { cookingClocks } from '$lib/server/services/table/sheet-view';
import { nowMs, timeLapse } from '$lib/server/now';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals }) => {
	const house = await getHousehold(locals.db);
	const habit = habitOf(house);
	const clocks = await runningClocks(locals.db);
	return {
		time: { nowMs: nowMs(), lapse: timeLapse },
		house,
		habit,
		limits: limitsFrom(house.limits),
		undos: await openUndos(locals.db, 12),
		clocks,
		thawing: await thawingPacks(locals.db),
		cooking: await cookingClocks(locals.db, habit, nowMs()),
		counts: {
			...(await frameCounts(locals.db)),
			cooling: clocks.length
		}
	};
};
