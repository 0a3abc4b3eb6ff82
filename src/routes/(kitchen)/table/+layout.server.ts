import { addDays } from '$lib/core/units';
import { dayIn, instantText } from '$lib/present/time';
import { numberFromText } from '$lib/schemas/quantity-text';
import { askedAway, askedMeal, awayQuery, mealQuery } from '$lib/server/serve-time';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { dinners, readyMs, type Dinner } from '$lib/server/services/table/dinners';
import { nowMs as serverMs } from '$lib/server/now';
import type { LayoutServerLoad } from './$types';

/** As soon as possible is a moment that can be kept. */
const roundMs = 5 * 60_000;
const weekMs = 7 * 86_400_000;
const mostEaters = 100;

/** What can be eaten by a time, or as soon as possible: the list beside every card. */
export const load: LayoutServerLoad = async ({ locals, url }) => {
	const nowMs = serverMs();
	const house = await getHousehold(locals.db);
	const habit = habitOf(house);
	const typedFor = url.searchParams.get('for')?.trim() ?? '';
	const people = typedFor === '' ? null : numberFromText(typedFor);
	const isBadFor =
		people !== null && !(Number.isInteger(people) && people >= 1 && people <= mostEaters);
	const eaters = isBadFor ? null : people;
	const table = await dinners(locals.db, locals.compute, house, { nowMs, eaters });
	const at = (serveAtMs: number) => ({
		serveAtMs,
		away: askedAway(url, serveAtMs, house.timeZone).away
	});
	const wantsSoon = url.searchParams.get('by') === 'soon';
	const soonestMs = wantsSoon ? table.soonestMs(at(nowMs + weekMs)) : null;
	const soonMs = soonestMs === null ? null : Math.ceil(soonestMs / roundMs) * roundMs;
	const soon = soonMs !== null;
	const asked = soon
		? { by: instantText(soonMs, habit), onDay: null, badTime: null, serveAtMs: soonMs }
		: askedMeal(url, habit, nowMs);
	const { by, serveAtMs } = asked;
	const ways = table.by(at(serveAtMs));
	if (soon) ways.sort((a, b) => readyMs(a) - readyMs(b));
	const today = dayIn(nowMs, habit.timeZone);
	const serveDay = dayIn(serveAtMs, habit.timeZone);
	const tomorrow = addDays(today, 1);
	const out = askedAway(url, serveAtMs, house.timeZone);
	const query = (onDay: string | null) =>
		mealQuery(by, onDay) + (eaters === null ? '' : `&for=${eaters}`) + awayQuery(out.typed);
	return {
		asked: {
			by,
			/** the day, when another than the next one that has this time */
			onDay: asked.onDay,
			soon,
			badTime: wantsSoon ? null : asked.badTime,
			/** as typed; a message where it is no number of people */
			people: typedFor,
			isBadFor,
			eaters,
			out: out.typed,
			isBadOut: out.isBad,
			serveAtMs,
			nowMs,
			/** the same moment on the card of a pack */
			query: query(soon && serveDay !== today ? serveDay : asked.onDay),
			/** the same hour tonight and tomorrow */
			tonight: query(null),
			tomorrow: query(tomorrow),
			isTomorrow: serveDay === tomorrow
		},
		ways: ways.map(listed),
		/** there are more packs, to be used later than those listed */
		more: table.more
	};
};

/** What the list shows of a pack: its dish, its steps and how it is stored stay on the server. */
const listed = ({ pack: { id, code, name, bestBy, own, packing }, ...dinner }: Dinner) => ({
	...dinner,
	pack: { id, code, name, bestBy, own: { block: own.block }, packing: { lengthM: packing.lengthM } }
});
