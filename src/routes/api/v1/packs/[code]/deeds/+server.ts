import { error, json } from '@sveltejs/kit';
import * as w from '$lib/present/wording';
import { deedSchema } from '$lib/schemas/programs';
import { tellChange } from '$lib/server/live/changes';
import { nowMs } from '$lib/server/now';
import { packByCode } from '$lib/server/queries/packs';
import { readJson } from '$lib/server/read-json';
import { changePack } from '$lib/server/services/packs/change-packs';
import type { RequestHandler } from './$types';

/** Notes what was done with a pack, as a page would; it can be taken back there. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
	const { deed, reason, place, atMs, version } = await readJson(request, deedSchema);
	if (!(await packByCode(locals.db, params.code))) error(404, w.programAnswers.noPack);
	const what =
		deed === 'pulled'
			? ({ kind: deed, place, agoMin: 0 } as const)
			: deed === 'discarded'
				? ({ kind: deed, reason: reason ?? '' } as const)
				: ({ kind: deed } as const);
	const done = await changePack(locals.db, params.code, what, atMs ?? nowMs(), version);
	if (!done) error(409, w.packDeeds.changedMeanwhile);
	tellChange({ topic: 'clocks' });
	return json({ done: true });
};
