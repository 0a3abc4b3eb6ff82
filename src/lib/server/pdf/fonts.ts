/** The faces a PDF is set in: the house face, and one with the letters it lacks (Greek, Cyrillic, some fractions). */
export interface FontBytes {
	regular: Buffer;
	bold: Buffer;
	fallbackRegular: Buffer;
	fallbackBold: Buffer;
}

interface GlyphSource {
	hasGlyphForCodePoint(codePoint: number): boolean;
}
interface FontDocument extends PDFKit.PDFDocument {
	_font: { font: GlyphSource };
}

export type FaceName = 'regular' | 'bold';

/** Registers the faces and splits texts into runs by which face has the glyph. */
export function faces(doc: PDFKit.PDFDocument, bytes: FontBytes) {
	doc.registerFont('regular', bytes.regular);
	doc.registerFont('bold', bytes.bold);
	doc.registerFont('fallback-regular', bytes.fallbackRegular);
	doc.registerFont('fallback-bold', bytes.fallbackBold);
	const glyphs = (name: FaceName) => {
		doc.font(name);
		return (doc as FontDocument)._font.font;
	};
	const own: Record<FaceName, GlyphSource> = { regular: glyphs('regular'), bold: glyphs('bold') };
	const runs = (text: string, face: FaceName): { text: string; font: string }[] => {
		const result: { text: string; font: string }[] = [];
		for (const mark of text) {
			const font = own[face].hasGlyphForCodePoint(mark.codePointAt(0) ?? 0)
				? face
				: `fallback-${face}`;
			const last = result.at(-1);
			if (last?.font === font) last.text += mark;
			else result.push({ text: mark, font });
		}
		return result;
	};
	return {
		runs,
		widthPt: (text: string, face: FaceName, sizePt: number) =>
			runs(text, face).reduce(
				(sum, run) => sum + doc.font(run.font).fontSize(sizePt).widthOfString(run.text),
				0
			)
	};
}
