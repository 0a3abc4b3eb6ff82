import { error, fail } from '@sveltejs/kit';
import { loadKgPerL } from '$lib/core/menu/day-totals';
import { containerKeys } from '$lib/core/published/containers';
import { freezingDays, loadLeftKg } from '$lib/core/storage/put-away';
import { dayIn } from '$lib/present/time';
import * as w from '$lib/present/wording';
import { quantityFromText } from '$lib/schemas/quantity-text';
import { rawFields } from '$lib/schemas/read-form';
import { nowMs } from '$lib/server/now';
import { coolingsOfDay } from '$lib/server/queries/cooling';
import { shelfUsableL } from '$lib/core/storage/usable-litres';
import { addedKgSince, shelfContents } from '$lib/server/queries/freezer-stock';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { packsOfPacking } from '$lib/server/queries/packs';
import { rowId } from '$lib/server/row-id';
import { computeMissingCards } from '$lib/server/services/packs/cards-behind';
import { packDish } from '$lib/server/services/packs/pack-dish';
import { dayProgress } from '$lib/server/services/day/day-progress';
import { openPortions } from '$lib/server/services/day/day-portions';
import type { Actions, PageServerLoad } from './$types';

const aDayMs = 24 * 3600_000;

export const load: PageServerLoad = async ({ params, locals }) => {
	const { db } = locals;
	const bar = await dayProgress(db, Number(params.id));
	if (!bar) error(404);
	const { open } = await openPortions(db, bar.id);
	const freezers = await listFreezers(db);
	const added = await addedKgSince(db, nowMs() - aDayMs);
	const perDayKg = freezers.reduce((sum, { volumeL }) => sum + volumeL * loadKgPerL, 0);
	const leftKg = freezers.reduce(
		(sum, freezer) => sum + loadLeftKg(freezer, added.get(freezer.id) ?? 0),
		0
	);
	/** each pack in its turn; a row goes in when its last one does */
	const days = freezingDays(
		open.flatMap(({ to, packs, massKg }) =>
			Array.from({ length: packs }, () => (to === 'freezer' ? massKg : 0))
		),
		{ perDayKg, leftKg }
	);
	const contents = new Map((await shelfContents(db, 0)).map((c) => [c.shelfId, c.litres]));
	/** litres left on each shelf; a row lies where there is most */
	const room = new Map(
		freezers.flatMap((freezer) =>
			freezer.shelves.map(
				({ id }) => [id, shelfUsableL(freezer) - (contents.get(id) ?? 0)] as const
			)
		)
	);
	const shelfFor = (litres: number) => {
		const [best] = [...room].sort(([, a], [, b]) => b - a);
		if (best) room.set(best[0], best[1] - litres);
		return best ? String(best[0]) : '';
	};
	let at = 0;
	return {
		bar,
		rows: open.map((portion) => {
			at += portion.packs;
			return {
				...portion,
				goesInDay: days[at - 1],
				shelfId: shelfFor(portion.packs * portion.litres)
			};
		}),
		totalKg: open.reduce(
			(sum, { to, packs, massKg }) => sum + (to === 'freezer' ? packs * massKg : 0),
			0
		),
		perDayKg,
		days: Math.max(0, ...days) + 1,
		shelves: freezers.flatMap((freezer) =>
			freezer.shelves.map(({ id, name }) => ({
				value: String(id),
				name: `${freezer.name}, ${name}`
			}))
		)
	};
};

export const actions: Actions = {
	/** packs every ticked portion; what cannot be is said beside it and stays */
	default: async ({ request, locals, params }) => {
		const { db, compute } = locals;
		const raw = rawFields(await request.formData());
		const house = await getHousehold(db);
		const habit = habitOf(house);
		const dayId = Number(params.id);
		const { open } = await openPortions(db, dayId);
		const ticked = open.filter(({ key }) => raw[`pack-${key}`] === 'on');
		if (ticked.length === 0) return fail(400, { typed: raw, message: w.packDay.noneTicked });
		const errors: Record<string, string> = {};
		const codes: string[] = [];
		const runs = await coolingsOfDay(db, dayId);
		for (const portion of ticked) {
			const { key } = portion;
			const count = Number(raw[`count-${key}`] ?? portion.packs);
			const massKg = quantityFromText(raw[`mass-${key}`] ?? '', 'mass', habit);
			const container = containerKeys.find((key) => key === raw[`container-${key}`]);
			if (!Number.isInteger(count) || count < 1 || count > 40) {
				errors[`count-${key}`] = w.packingChecks.packsMissing;
				continue;
			}
			if (!(massKg >= 0.02 && massKg <= 8)) {
				errors[`mass-${key}`] = w.packingChecks.massMissing;
				continue;
			}
			const packed = await packDish(
				db,
				compute,
				{
					dishId: portion.dishId,
					dayId,
					coolingRunId: runs.findLast(({ dishId }) => dishId === portion.dishId)?.id,
					cardBehind: true,
					count,
					servings: portion.servings,
					container: container ?? portion.container,
					massKg,
					packedOn: dayIn(nowMs(), house.timeZone),
					shelfId: rowId(raw[`shelf-${key}`] ?? null)
				},
				nowMs()
			);
			if (!packed.ok) {
				errors[`${packed.field === 'massKg' ? 'mass' : 'row'}-${key}`] = packed.message;
				continue;
			}
			codes.push(...(await packsOfPacking(db, packed.packingId)).map(({ code }) => code));
		}
		void computeMissingCards(db, compute);
		if (codes.length === 0) return fail(400, { typed: raw, errors });
		return { codes, errors, typed: raw };
	}
};
