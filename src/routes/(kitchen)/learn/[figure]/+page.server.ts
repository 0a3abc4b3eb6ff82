import { error } from '@sveltejs/kit';
import { nowMs as serverMs } from '$lib/server/now';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { packsBehind } from '$lib/server/queries/learn-figures';
import { askedSpan, listNames, listOf, mostListed } from '$lib/server/services/learn/learn-lists';
import type { PageServerLoad } from './$types';

/** The packs a figure, a bar or a proposal rests on. */
export const load: PageServerLoad = async ({ params, locals: { db, compute }, url }) => {
	const house = await getHousehold(db);
	const span = askedSpan(url);
	const habit = habitOf(house);
	if (params.figure === 'rests') {
		const codes = (url.searchParams.get('packs') ?? '').split(',').slice(0, mostListed);
		const packs = await packsBehind(db, { kind: 'named', codes }, mostListed);
		return { list: 'rests' as const, span, packs, habit };
	}
	const list = listNames.find((name) => name === params.figure);
	if (!list) error(404);
	const part = url.searchParams.get('part');
	const packs = await listOf(db, compute, house, { list, span, part, nowMs: serverMs() });
	return { list, span, packs, habit };
};
