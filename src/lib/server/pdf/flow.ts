import { mmPerPt } from '../../core/units/index.ts';
import { wrapText } from '../../labels/wrap-text.ts';
import { drawBox, measureWith } from './draw.ts';
import type { Faces } from './fonts.ts';

/** Writes lines one under the other down a page, in columns of millimetres; asks for a new page when one is full. */
export class Flow {
	y: number;
	constructor(
		private readonly doc: PDFKit.PDFDocument,
		private readonly face: Faces,
		private readonly box: { xMm: number; topMm: number; widthMm: number; bottomMm: number },
		private readonly onFull?: () => void
	) {
		this.y = box.topMm;
	}

	/** One paragraph over the full width. */
	text(text: string, sizePt: number, options: { bold?: boolean; gapMm?: number } = {}): void {
		this.row([{ text, widthMm: this.box.widthMm, bold: options.bold }], sizePt, options.gapMm);
	}

	/** Cells beside each other, each wrapped within its own width. */
	row(
		cells: readonly { text: string; widthMm: number; bold?: boolean }[],
		sizePt: number,
		gapMm = 0
	): void {
		const measure = measureWith(this.face);
		const lineMm = sizePt * 1.25 * mmPerPt;
		const wrapped = cells.map(({ text, widthMm, bold = false }) =>
			wrapText(text, widthMm - 2, (word) => measure(word, { sizePt, bold }))
		);
		const high = Math.max(1, ...wrapped.map((lines) => lines.length)) * lineMm;
		if (this.y + high > this.box.bottomMm && this.onFull) {
			this.onFull();
			this.y = this.box.topMm;
		}
		let xMm = this.box.xMm;
		for (const [i, { widthMm, bold = false }] of cells.entries()) {
			for (const [line, text] of wrapped[i].entries())
				if (this.y + (line + 1) * lineMm <= this.box.bottomMm + 1e-6)
					drawBox(
						this.doc,
						this.face,
						{ kind: 'text', xMm, yMm: this.y + line * lineMm, widthMm, text, sizePt, bold },
						{ xMm: 0, yMm: 0 }
					);
			xMm += widthMm;
		}
		this.y += high + gapMm;
	}

	rule(): void {
		const { xMm, widthMm } = this.box;
		drawBox(this.doc, this.face, { kind: 'rule', xMm, yMm: this.y, widthMm }, { xMm: 0, yMm: 0 });
		this.y += 1.2;
	}
}
