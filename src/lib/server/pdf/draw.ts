import { mmPerPt } from '../../core/units/index.ts';
import PDFDocument from 'pdfkit';
import QRCode from 'qrcode';
import type { LabelBox, Measure } from '../../labels/label-layout.ts';
import { faces, type Faces, type FontBytes } from './fonts.ts';

export const ptPerMm = 1 / mmPerPt;
/** Error correction that still reads with a scratch or frost on it. */
const qrLevel = 'Q';
/** Quiet cells around a code; label paper is white beyond them. */
const quietCells = 2;

/** An empty PDF with the house's faces. `finished` ends it and gives its bytes. */
export function newPdf(
	page: { widthMm: number; heightMm: number },
	fonts: FontBytes,
	title: string
): { doc: PDFKit.PDFDocument; face: Faces; finished: () => Promise<Buffer> } {
	const doc = new PDFDocument({
		size: [page.widthMm * ptPerMm, page.heightMm * ptPerMm],
		margin: 0,
		autoFirstPage: false,
		info: { Title: title, Creator: 'Almacen' }
	});
	const chunks: Buffer[] = [];
	doc.on('data', (chunk: Buffer) => chunks.push(chunk));
	const ended = new Promise<void>((resolve) => doc.on('end', resolve));
	return {
		doc,
		face: faces(doc, fonts),
		finished: async () => {
			doc.end();
			await ended;
			return Buffer.concat(chunks);
		}
	};
}

export const measureWith =
	(face: Faces): Measure =>
	(text, { sizePt, bold }) =>
		face.widthPt(text, bold ? 'bold' : 'regular', sizePt) / ptPerMm;

/** Writes a line, each run in the face that has its letters. */
function write(
	doc: PDFKit.PDFDocument,
	face: Faces,
	line: { text: string; sizePt: number; bold: boolean; xPt: number; yPt: number }
): void {
	const name = line.bold ? 'bold' : 'regular';
	let left = line.xPt;
	for (const run of face.runs(line.text, name)) {
		doc.font(run.font).fontSize(line.sizePt).text(run.text, left, line.yPt, { lineBreak: false });
		left += face.widthPt(run.text, name, line.sizePt);
	}
}

/** Draws a box with its label's corner at a place of the page, millimetres. */
export function drawBox(
	doc: PDFKit.PDFDocument,
	face: Faces,
	box: LabelBox,
	at: { xMm: number; yMm: number }
): void {
	const x = (at.xMm + box.xMm) * ptPerMm;
	const y = (at.yMm + box.yMm) * ptPerMm;
	switch (box.kind) {
		case 'text':
			write(doc, face, { ...box, xPt: x, yPt: y });
			break;
		case 'tag':
			doc.rect(x, y, box.widthMm * ptPerMm, box.heightMm * ptPerMm).fill('black');
			doc.fillColor('white');
			write(doc, face, { ...box, bold: true, xPt: x + 1.5 * ptPerMm, yPt: y + 0.4 * ptPerMm });
			doc.fillColor('black');
			break;
		case 'slab': {
			const [wide, tall] = [box.widthMm * ptPerMm, box.heightMm * ptPerMm];
			doc
				.moveTo(x + 2, y)
				.lineTo(x + wide - 2, y)
				.quadraticCurveTo(x + wide + 1, y + tall / 2, x + wide - 2, y + tall)
				.lineTo(x + 2, y + tall)
				.quadraticCurveTo(x - 1, y + tall / 2, x + 2, y)
				.lineWidth(0.8)
				.stroke();
			write(doc, face, {
				...box,
				bold: false,
				xPt: x + 2.5 * ptPerMm,
				yPt: y + (tall - box.sizePt * 1.2) / 2
			});
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
			const cell = (box.sideMm * ptPerMm) / (modules.size + 2 * quietCells);
			for (let row = 0; row < modules.size; row++)
				for (let column = 0; column < modules.size; column++) {
					if (!modules.get(row, column)) continue;
					// neighbours in a row are one bar
					let wide = 1;
					while (column + wide < modules.size && modules.get(row, column + wide)) wide++;
					doc.rect(
						x + (column + quietCells) * cell,
						y + (row + quietCells) * cell,
						wide * cell,
						cell
					);
					column += wide;
				}
			doc.fill('black');
			break;
		}
	}
}
