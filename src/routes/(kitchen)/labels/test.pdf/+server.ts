import * as w from '$lib/present/wording';
import { error } from '@sveltejs/kit';
import { testLabel } from '$lib/labels/label-content';
import { labelSheetPdf } from '$lib/server/pdf/label-sheet';
import { pdfAnswer } from '$lib/server/pdf/pdf-answer';
import { shippedFonts } from '$lib/server/pdf/shipped-fonts';
import { getHousehold } from '$lib/server/queries/household';
import { offsetOf, paperOf } from '$lib/server/services/packs/labels-of';

/** A sheet of outlined labels to hold against the real one: `?paper=KEY`. */
export const GET = async ({ locals, url }) => {
	const { labelSetup } = await getHousehold(locals.db);
	const paper = paperOf(url.searchParams.get('paper'), labelSetup);
	if (!paper) error(400, w.labelsPdfAnswers.noSuchSheet);
	const offset = offsetOf(labelSetup);
	const pdf = await labelSheetPdf({
		labels: Array.from({ length: paper.columns * paper.rows }, (_, i) => testLabel(i + 1, offset)),
		paper,
		start: 1,
		offset,
		title: w.labelsPdfAnswers.test,
		fonts: await shippedFonts(),
		outlines: true
	});
	return pdfAnswer(pdf, 'test');
};
