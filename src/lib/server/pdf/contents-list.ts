import { drawBox, newPdf } from './draw.ts';
import { Flow } from './flow.ts';
import type { FontBytes } from './fonts.ts';

const marginMm = 15;

/** A list on A4 or Letter: a title, a line under it, columns with their share of the width, and rows over as many pages as needed. */
export async function listPdf(input: {
	page: { widthMm: number; heightMm: number };
	fonts: FontBytes;
	title: string;
	under: string;
	columns: readonly { head: string; share: number; bold?: boolean }[];
	rows: readonly (readonly string[])[];
	/** a code for the camera in the corner */
	payload?: string;
}): Promise<Buffer> {
	const { doc, face, finished } = newPdf(input.page, input.fonts, input.title);
	const widthMm = input.page.widthMm - 2 * marginMm;
	const sum = input.columns.reduce((total, { share }) => total + share, 0);
	const cells = (texts: readonly string[], bold?: boolean) =>
		input.columns.map((column, i) => ({
			text: texts[i] ?? '',
			widthMm: (widthMm * column.share) / sum,
			bold: bold ?? column.bold
		}));
	doc.addPage();
	const head = () => {
		flow.row(
			cells(
				input.columns.map((column) => column.head),
				true
			),
			10
		);
		flow.rule();
	};
	const box = {
		xMm: marginMm,
		topMm: marginMm,
		widthMm,
		bottomMm: input.page.heightMm - marginMm
	};
	const flow = new Flow(doc, face, box, () => doc.addPage());
	if (input.payload)
		drawBox(
			doc,
			face,
			{
				kind: 'qr',
				xMm: marginMm + widthMm - 22,
				yMm: marginMm,
				sideMm: 22,
				payload: input.payload
			},
			{ xMm: 0, yMm: 0 }
		);
	flow.text(input.title, 20, { bold: true });
	flow.text(input.under, 11, { gapMm: 4 });
	head();
	for (const row of input.rows) {
		flow.row(cells(row), 11, 0.8);
		flow.rule();
	}
	return finished();
}
