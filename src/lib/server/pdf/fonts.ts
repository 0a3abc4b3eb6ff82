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
type FontName = FaceName | `fallback-${FaceName}`;
export interface Run {
	text: string;
	font: FontName;
}
/** Texts are measured at this size; widths grow in proportion. */
const measuredPt = 100;

/** Registers the faces and splits texts into runs by which face has the glyph. Widths and runs are kept: labels repeat themselves. */
export function faces(doc: PDFKit.PDFDocument, bytes: FontBytes) {
	doc.registerFont('regular', bytes.regular);
	doc.registerFont('bold', bytes.bold);
	doc.registerFont('fallback-regular', bytes.fallbackRegular);
	doc.registerFont('fallback-bold', bytes.fallbackBold);
	const glyphs = (name: FontName) => {
		doc.font(name);
		return (doc as FontDocument)._font.font;
	};
	const source: Record<FontName, GlyphSource> = {
		regular: glyphs('regular'),
		bold: glyphs('bold'),
		'fallback-regular': glyphs('fallback-regular'),
		'fallback-bold': glyphs('fallback-bold')
	};
	const has = (font: FontName, mark: string) =>
		source[font].hasGlyphForCodePoint(mark.codePointAt(0) ?? 0);

	const keptRuns = new Map<string, Run[]>();
	/** Runs of a text; marks that no face has are left out, never drawn as boxes. */
	const runs = (text: string, face: FaceName): Run[] => {
		const key = face + text;
		const kept = keptRuns.get(key);
		if (kept) return kept;
		const result: Run[] = [];
		for (const mark of text.normalize('NFC')) {
			const font = has(face, mark) ? face : (`fallback-${face}` as const);
			if (!has(font, mark)) continue;
			const last = result.at(-1);
			if (last?.font === font) last.text += mark;
			else result.push({ text: mark, font });
		}
		keptRuns.set(key, result);
		return result;
	};

	const keptWidths = new Map<string, number>();
	const widthPt = (text: string, face: FaceName, sizePt: number): number => {
		const key = face + text;
		let width = keptWidths.get(key);
		if (width === undefined) {
			width = runs(text, face).reduce(
				(sum, run) => sum + doc.font(run.font).fontSize(measuredPt).widthOfString(run.text),
				0
			);
			keptWidths.set(key, width);
		}
		return (width * sizePt) / measuredPt;
	};
	/** Marks of a text that none of the faces can print. */
	const unprintable = (text: string): string[] => [
		...new Set(
			[...text.normalize('NFC')].filter(
				(mark) => !has('regular', mark) && !has('fallback-regular', mark)
			)
		)
	];
	return { runs, widthPt, unprintable };
}

export type Faces = ReturnType<typeof faces>;
