import * as w from '$lib/present/wording';
import { error } from '@sveltejs/kit';
import { dayIn, dayText } from '$lib/present/time';
import { massText } from '$lib/present/units';
import { listPdf } from '$lib/server/pdf/contents-list';
import { pdfAnswer } from '$lib/server/pdf/pdf-answer';
import { shippedFonts } from '$lib/server/pdf/shipped-fonts';
import { stockLines } from '$lib/server/queries/freezer-stock';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { rowId } from '$lib/server/row-id';
import { plainPage } from '$lib/server/services/packs/labels-of';
import { nowMs } from '$lib/server/now';

/** What lies in a freezer, use-first, to hang on its door: `?freezer=ID`; all of them without. */
export const GET = async ({ locals, url }) => {
	const house = await getHousehold(locals.db);
	const habit = habitOf(house);
	const asked = url.searchParams.get('freezer');
	const all = await listFreezers(locals.db);
	const freezers = asked ? all.filter(({ id }) => id === rowId(asked)) : all;
	if (freezers.length === 0) error(404, w.labelsPdfAnswers.noSuchFreezer);
	const today = dayIn(nowMs(), house.timeZone);
	const filter = asked ? { today, freezerId: freezers[0].id } : { today };
	const { lines, servings } = await stockLines(locals.db, filter, { from: 0, most: 5000 });
	const say = w.contentsList;
	const pdf = await listPdf({
		page: plainPage(habit),
		fonts: await shippedFonts(),
		title: freezers.map(({ name }) => name).join(', '),
		under: say.under({ packs: lines.length, servings, day: dayText(today, habit) }),
		columns: [
			{ head: say.tick, share: 6 },
			{ head: say.pack, share: 36, bold: true },
			{ head: say.amount, share: 22 },
			{ head: say.bestBy, share: 17 },
			{ head: say.liesIn, share: 19 },
			{ head: say.code, share: 11, bold: true }
		],
		rows: lines.map((line) => [
			'[  ]',
			line.name,
			say.servings({ n: line.servings, mass: massText(line.massKg, habit) }),
			line.bestBy ? dayText(line.bestBy, habit) : w.labelContent.useFirst,
			asked ? line.shelf : `${line.freezer}, ${line.shelf}`,
			line.code
		])
	});
	return pdfAnswer(pdf, 'contents');
};
