import type { LabelPaper } from '../../core/published/index.ts';
import type { LabelContent, LabelPart } from '../../labels/label-content.ts';
import { labelLayout } from '../../labels/label-layout.ts';
import { sheetPositions, type PrinterOffset } from '../../labels/sheet-positions.ts';
import { drawBox, measureWith, newPdf, ptPerMm } from './draw.ts';
import type { FontBytes } from './fonts.ts';

/** A PDF of labels on a paper, from the first free position on. Draws what `labelLayout` says, at millimetres. */
export async function labelSheetPdf(input: {
	labels: readonly LabelContent[];
	paper: LabelPaper;
	start: number;
	offset?: PrinterOffset;
	fonts: FontBytes;
	title: string;
	/** a thin line around each label: for trying a printer out */
	outlines?: boolean;
}): Promise<Buffer> {
	const { paper } = input;
	const { doc, face, finished } = newPdf(paper.page, input.fonts, input.title);
	const size = { widthMm: paper.labelWidthMm, heightMm: paper.labelHeightMm };
	const measure = measureWith(face);
	const positions = sheetPositions(paper, input.start, input.labels.length, input.offset);
	let page = -1;
	input.labels.forEach((content, i) => {
		const at = positions[i];
		for (; page < at.page; page++) doc.addPage();
		if (input.outlines)
			doc
				.rect(at.xMm * ptPerMm, at.yMm * ptPerMm, size.widthMm * ptPerMm, size.heightMm * ptPerMm)
				.lineWidth(0.5)
				.stroke();
		for (const box of labelLayout(content, size, measure).boxes) drawBox(doc, face, box, at);
	});
	return finished();
}

export interface LabelWarning {
	/** parts for which there is no room on this label */
	leftOut: LabelPart[];
	/** marks that cannot be printed */
	unprintable: string[];
}

/** What of each label does not get onto the paper: told before printing. */
export function labelWarnings(
	labels: readonly LabelContent[],
	paper: LabelPaper,
	fonts: FontBytes
): LabelWarning[] {
	const { doc, face } = newPdf(paper.page, fonts, '');
	const size = { widthMm: paper.labelWidthMm, heightMm: paper.labelHeightMm };
	const measure = measureWith(face);
	const warnings = labels.map((content) => ({
		leftOut: labelLayout(content, size, measure).leftOut,
		unprintable: face.unprintable(
			[content.name, content.onDay, content.serveWith, content.allergens].join(' ')
		)
	}));
	doc.end();
	return warnings;
}
