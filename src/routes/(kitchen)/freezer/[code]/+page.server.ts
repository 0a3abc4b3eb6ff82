import { error } from '@sveltejs/kit';
import { packActions } from '$lib/server/services/packs/pack-actions';
import { cautionsOfPack } from '$lib/server/queries/cautions';
import { getHousehold, listFreezers } from '$lib/server/queries/household';
import { isCookable, packByCode, packHistory } from '$lib/server/queries/packs';
import { keepsDaysOf, refreezeOf } from '$lib/server/services/packs/change-packs';
import { pullOf } from '$lib/server/services/packs/thawing-packs';
import { dayIn } from '$lib/present/time';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const pack = await packByCode(locals.db, params.code);
	if (!pack) error(404);
	const { card, cardInput, ...packing } = pack.packing;
	const { refrigeratorC, timeZone } = await getHousehold(locals.db);
	return {
		today: dayIn(nowMs(), timeZone),
		pack: { ...pack, packing },
		cookable: isCookable(pack),
		/** its cook card is being computed */
		cardComes: card === null && cardInput !== null,
		cautions: await cautionsOfPack(locals.db, 'thaw', pack),
		history: await packHistory(locals.db, pack.id),
		shelves: (await listFreezers(locals.db)).flatMap((freezer) =>
			freezer.shelves.map(({ id, name }) => ({ id, name: `${freezer.name}, ${name}` }))
		),
		thaw: card?.thaw ?? null,
		refrigeratorC: cardInput?.refrigeratorC ?? refrigeratorC,
		keepsDays: keepsDaysOf(pack),
		refreeze: refreezeOf(pack, nowMs()),
		pull: pullOf(pack),
		curves: cardInput && {
			food: cardInput.convert.food,
			shape: cardInput.convert.block,
			freezerC: cardInput.freezerC,
			refrigeratorC: cardInput.refrigeratorC,
			coldWaterC: cardInput.coldWaterC
		}
	};
};

export const actions: Actions = packActions;
