import { error, json } from '@sveltejs/kit';
import * as w from '$lib/present/wording';
import { packByCode } from '$lib/server/queries/packs';
import type { RequestHandler } from './$types';

/** One pack, whatever became of it. */
export const GET: RequestHandler = async ({ locals, params }) => {
	const pack = await packByCode(locals.db, params.code);
	if (!pack) error(404, w.programAnswers.noPack);
	const { code, name, status, bestBy, pulledAtMs, cookedAtMs, version, own, packing } = pack;
	return json({
		code,
		name,
		status,
		state: packing.state,
		servings: own.servings,
		massKg: own.massKg,
		packedOn: packing.packedOn,
		bestBy,
		pulledAtMs,
		cookedAtMs,
		version
	});
};
