import { newPdf } from './draw.ts';
import { Flow } from './flow.ts';
import type { FontBytes } from './fonts.ts';

const marginMm = 14;
const atMm = 32;

/** A meal's steps by the clock on a page, large enough to be read from the stove. */
export async function stepsCardPdf(input: {
	page: { widthMm: number; heightMm: number };
	fonts: FontBytes;
	title: string;
	serve: string;
	line: string;
	steps: readonly { at: string; what: string; how: string }[];
	notes: readonly string[];
}): Promise<Buffer> {
	const { page } = input;
	const { doc, face, finished } = newPdf(page, input.fonts, input.title);
	doc.addPage();
	const widthMm = page.widthMm - 2 * marginMm;
	const box = {
		xMm: marginMm,
		topMm: marginMm,
		widthMm,
		bottomMm: page.heightMm - marginMm
	};
	const flow = new Flow(doc, face, box, () => doc.addPage());
	flow.text(input.title, 20, { bold: true });
	flow.text(input.serve, 16, { bold: true });
	flow.text(input.line, 11, { gapMm: 2 });
	for (const { at, what, how } of input.steps) {
		flow.rule();
		flow.row(
			[
				{ text: at, widthMm: atMm, bold: true },
				{ text: what, widthMm: widthMm - atMm, bold: true }
			],
			13
		);
		if (how)
			flow.row(
				[
					{ text: '', widthMm: atMm },
					{ text: how, widthMm: widthMm - atMm }
				],
				11
			);
	}
	flow.rule();
	for (const note of input.notes) flow.text(note, 11);
	return finished();
}
