import PDFDocument from 'pdfkit';
import QRCode from 'qrcode';
import type { LabelSheet } from '../../core/tables/label-sheets.ts';
import type { LabelContent } from '../../labels/label-content.ts';
import { labelLayout, type LabelBox } from '../../labels/label-layout.ts';
import { sheetPositions } from '../../labels/sheet-positions.ts';
import { faces, type FontBytes } from './fonts.ts';

const ptPerMm = 72 / 25.4;
/** Error correction that still reads with a scratch or frost on it. */
const qrLevel = 'Q';

/** A PDF of labels on a sheet, from the first free position on. Draws what `labelLayout` says, at millimetres. */
export async function labelSheetPdf(input: {
	labels: readonly LabelContent[];
	sheet: LabelSheet;
	start: number;
	fonts: FontBytes;
	title: string;
}): Promise<Buffer> {
	const { sheet } = input;
	const doc = new PDFDocument({
		size: [sheet.page.widthMm * ptPerMm, sheet.page.heightMm * ptPerMm],
		margin: 0,
		autoFirstPage: false,
		info: { Title: input.title, Creator: 'Almacen' }
	});
	const chunks: Buffer[] = [];
	doc.on('data', (chunk: Buffer) => chunks.push(chunk));
	const ended = new Promise<void>((resolve) => doc.on('end', resolve));
	const face = faces(doc, input.fonts);
	const size = { widthMm: sheet.labelWidthMm, heightMm: sheet.labelHeightMm };
	const measure = (text: string, style: { sizePt: number; bold: boolean }) =>
		face.widthPt(text, style.bold ? 'bold' : 'regular', style.sizePt) / ptPerMm;
	const positions = sheetPositions(sheet, input.start, input.labels.length);
	let page = -1;
	input.labels.forEach((content, i) => {
		const at = positions[i];
		while (page < at.page) {
			doc.addPage();
			page++;
		}
		for (const box of labelLayout(content, size, measure).boxes) draw(doc, face, box, at);
	});
	doc.end();
	await ended;
	return Buffer.concat(chunks);
}

function draw(
	doc: PDFKit.PDFDocument,
	face: ReturnType<typeof faces>,
	box: LabelBox,
	at: { xMm: number; yMm: number }
): void {
	const x = (at.xMm + box.xMm) * ptPerMm;
	const y = (at.yMm + box.yMm) * ptPerMm;
	switch (box.kind) {
		case 'text': {
			let left = x;
			for (const run of face.runs(box.text, box.bold ? 'bold' : 'regular')) {
				doc.font(run.font).fontSize(box.sizePt).text(run.text, left, y, { lineBreak: false });
				left += doc.widthOfString(run.text);
			}
			break;
		}
		case 'rule':
			doc
				.moveTo(x, y)
				.lineTo(x + box.widthMm * ptPerMm, y)
				.lineWidth(0.6)
				.stroke();
			break;
		case 'qr': {
			const { modules } = QRCode.create(box.payload, { errorCorrectionLevel: qrLevel });
			const cell = (box.sideMm * ptPerMm) / (modules.size + 4);
			for (let row = 0; row < modules.size; row++)
				for (let column = 0; column < modules.size; column++)
					if (modules.get(row, column))
						doc.rect(x + (column + 2) * cell, y + (row + 2) * cell, cell, cell);
			doc.fill('black');
			break;
		}
	}
}
