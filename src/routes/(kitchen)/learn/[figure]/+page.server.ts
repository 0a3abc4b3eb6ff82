import { error } from '@sveltejs/kit';
import { nowMs as serverMs } from '$lib/server/now';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { packsNamed } from '$lib/server/queries/learn';
import { askedSpan, listNames, listOf } from '$lib/server/services/learn/learn-lists';
import type { PageServerLoad } from './$types';

/** More than this is more than anyone reads. */
const mostPacks = 500;

/** The packs a figure, a bar or a proposal rests on. */
export const load: PageServerLoad = async ({ params, locals: { db, compute }, url }) => {
	const house = await getHousehold(db);
	const span = askedSpan(url);
	const habit = habitOf(house);
	if (params.figure === 'rests') {
		const codes = (url.searchParams.get('packs') ?? '').split(',').slice(0, mostPacks);
		return { list: 'rests' as const, span, packs: await packsNamed(db, codes), habit };
	}
	const list = listNames.find((name) => name === params.figure);
	if (!list) error(404);
	const part = url.searchParams.get('part');
	const packs = await listOf(db, compute, house, { list, span, part, nowMs: serverMs() });
	return { list, span, packs: packs.slice(0, mostPacks), habit };
};
