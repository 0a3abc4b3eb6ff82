import * as w from '$lib/present/wording';
import { error } from '@sveltejs/kit';
import { blankLabel } from '$lib/labels/label-content';
import { labelSheetPdf } from '$lib/server/pdf/label-sheet';
import { pdfAnswer } from '$lib/server/pdf/pdf-answer';
import { shippedFonts } from '$lib/server/pdf/shipped-fonts';
import { getHousehold } from '$lib/server/queries/household';
import { askedPacks, labelOf, offsetOf, paperOf } from '$lib/server/services/packs/labels-of';

/** Labels: `?packing=ID` or `?codes=A,B`, `&paper=KEY&start=N`, `&byhand` for lines to write on. */
export const GET = async ({ locals, url }) => {
	const house = await getHousehold(locals.db);
	const paper = paperOf(url.searchParams.get('paper'), house.labelSetup);
	if (!paper) error(400, w.labelsPdfAnswers.noSuchSheet);
	const places = paper.columns * paper.rows;
	const start = Number(url.searchParams.get('start') ?? 1);
	if (!Number.isInteger(start) || start < 1 || start > places)
		error(400, w.labelsPdfAnswers.startRange({ most: places }));
	const packs = await askedPacks(locals.db, locals.compute, url.searchParams);
	if (packs.length === 0) error(404, w.labelsPdfAnswers.noPacks);
	const pdf = await labelSheetPdf({
		labels: packs.map((pack) =>
			url.searchParams.has('byhand') ? blankLabel(pack.code) : labelOf(pack, house)
		),
		paper,
		start,
		offset: offsetOf(house.labelSetup),
		title: w.labelsPdfAnswers.labels({ name: packs[0].name }),
		fonts: await shippedFonts()
	});
	return pdfAnswer(pdf, 'labels');
};
