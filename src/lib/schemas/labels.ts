import * as yup from 'yup';
import * as w from '../present/wording/index.ts';
import { type LabelPaper, rollPaper } from '../core/published/index.ts';
import { numberFromText } from './quantity-text.ts';
import { oneOf, text, wholeNumber } from './fields.ts';

/** Millimetres, typed as a plain number; a comma does as well as a point. */
const millimetres = (label: string, min: number, max: number) =>
	yup
		.number()
		.transform((_, original) =>
			original === undefined || String(original).trim() === ''
				? undefined
				: numberFromText(String(original).replace('−', '-').replace(/mm$/, ''))
		)
		.typeError(w.labelsPage.millimetres({ label }))
		.min(min, w.fieldsChecks.atLeast({ label, least: `${min} mm` }))
		.max(max, w.fieldsChecks.atMost({ label, most: `${max} mm`, why: '' }));

/** How far a test print lies off its labels: to the right and downwards. */
export const printOffsetSchema = () =>
	yup.object({
		rightMm: millimetres(w.labelsPage.right, -15, 15).default(0),
		lowMm: millimetres(w.labelsPage.low, -15, 15).default(0)
	});

/** A sheet or a roll of the household's own. */
export const ownPaperSchema = () =>
	yup.object({
		name: text(w.labelsPage.ownName, 30).required(w.labelsPage.ownNameMissing),
		page: oneOf(['a4', 'letter', 'roll'] as const, w.labelsPage.ownPage).default('a4'),
		labelWidthMm: millimetres(w.labelsPage.width, 40, 210).required(w.labelsPage.widthMissing),
		labelHeightMm: millimetres(w.labelsPage.height, 25, 297).required(w.labelsPage.heightMissing),
		columns: wholeNumber({ label: w.labelsPage.columns, min: 1, max: 5 }).default(1),
		rows: wholeNumber({ label: w.labelsPage.rows, min: 1, max: 12 }).default(1),
		leftMm: millimetres(w.labelsPage.left, 0, 60).default(0),
		topMm: millimetres(w.labelsPage.top, 0, 60).default(0),
		columnGapMm: millimetres(w.labelsPage.columnGap, 0, 30).default(0),
		rowGapMm: millimetres(w.labelsPage.rowGap, 0, 30).default(0)
	});

/** The paper as measured; null when its labels do not go onto the page. */
export function ownPaperFrom(
	form: yup.InferType<ReturnType<typeof ownPaperSchema>>
): LabelPaper | null {
	if (form.page === 'roll') return rollPaper(form.labelWidthMm, form.labelHeightMm);
	const page =
		form.page === 'letter' ? { widthMm: 215.9, heightMm: 279.4 } : { widthMm: 210, heightMm: 297 };
	const { name: _, page: __, ...figures } = form;
	const across = (n: number, each: number, gap: number) => n * each + (n - 1) * gap;
	const wide = form.leftMm + across(form.columns, form.labelWidthMm, form.columnGapMm);
	const high = form.topMm + across(form.rows, form.labelHeightMm, form.rowGapMm);
	// half a millimetre is a ruler's business
	return wide > page.widthMm + 0.5 || high > page.heightMm + 0.5
		? null
		: { kind: 'sheet', page, ...figures };
}
