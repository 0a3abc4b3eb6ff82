import { w } from '../present/wording/index.ts';
import type { LabelContent } from './label-content.ts';

/** Width in millimetres of a text at a size in points. */
export type Measure = (text: string, style: { sizePt: number; bold: boolean }) => number;

export type LabelBox =
	| {
			kind: 'text';
			xMm: number;
			yMm: number;
			widthMm: number;
			text: string;
			sizePt: number;
			bold: boolean;
	  }
	| { kind: 'qr'; xMm: number; yMm: number; sideMm: number; payload: string }
	| { kind: 'rule'; xMm: number; yMm: number; widthMm: number };

const marginMm = 3.5;
const qrMm = 19;
const mmPerPt = 0.3528;
const lineMm = (sizePt: number) => sizePt * 1.2 * mmPerPt;
const smallestPt = 7;

/** Breaks a text into lines of at most a width; the last line ends in … when there is more. Words too long are cut. */
export function wrapText(
	text: string,
	widthMm: number,
	mostLines: number,
	width: (text: string) => number
): string[] {
	const lines: string[] = [];
	let line = '';
	const words = text.split(/\s+/).flatMap((word) => pieces(word, widthMm, width));
	for (const word of words) {
		const longer = line ? `${line} ${word}` : word;
		if (width(longer) <= widthMm) line = longer;
		else {
			lines.push(line);
			line = word;
		}
	}
	if (line) lines.push(line);
	if (lines.length <= mostLines) return lines;
	const kept = lines.slice(0, mostLines);
	let last = kept[mostLines - 1];
	while (last && width(`${last}…`) > widthMm) last = last.slice(0, -1);
	kept[mostLines - 1] = `${last.trimEnd()}…`;
	return kept;
}

function pieces(word: string, widthMm: number, width: (text: string) => number): string[] {
	if (width(word) <= widthMm) return [word];
	const result: string[] = [];
	let piece = '';
	for (const mark of word) {
		if (piece && width(piece + mark) > widthMm) {
			result.push(piece);
			piece = '';
		}
		piece += mark;
	}
	return piece ? [...result, piece] : result;
}

/**
 * Where everything on a label stands, in millimetres from its top left corner. Name and best-by are large; what does not fit
 * shrinks to a legible size, then lines go from the bottom up: nothing is drawn outside the label.
 */
export function labelLayout(
	content: LabelContent,
	size: { widthMm: number; heightMm: number },
	measure: Measure
): { boxes: LabelBox[]; left: string[] } {
	const boxes: LabelBox[] = [];
	const left: string[] = [];
	const innerMm = size.widthMm - 2 * marginMm;
	const besideQrMm = innerMm - qrMm - 3;
	const bottomMm = size.heightMm - 2.5;
	let y = 3;

	boxes.push({
		kind: 'qr',
		xMm: size.widthMm - marginMm - qrMm,
		yMm: y,
		sideMm: qrMm,
		payload: content.code
	});
	const codeStyle = { sizePt: 11, bold: true };
	boxes.push({
		kind: 'text',
		xMm: size.widthMm - marginMm - qrMm + (qrMm - measure(content.code, codeStyle)) / 2,
		yMm: y + qrMm + 0.5,
		widthMm: qrMm,
		text: content.code,
		...codeStyle
	});
	const belowQrMm = y + qrMm + 0.5 + lineMm(11) + 0.5;

	const write = (
		text: string,
		options: { sizePt: number; bold?: boolean; mostLines?: number; widthMm: number }
	) => {
		const { sizePt, bold = false, mostLines = 1, widthMm } = options;
		for (const line of wrapText(text, widthMm, mostLines, (t) => measure(t, { sizePt, bold }))) {
			if (y + lineMm(sizePt) > bottomMm) {
				left.push(line);
				continue;
			}
			boxes.push({ kind: 'text', xMm: marginMm, yMm: y, widthMm, text: line, sizePt, bold });
			y += lineMm(sizePt);
		}
	};

	const nameSize = [17, 15, 13, 11].find(
		(sizePt) =>
			wrapText(content.name, besideQrMm, 3, (t) => measure(t, { sizePt, bold: true })).length <= 2
	);
	write(content.name, { sizePt: nameSize ?? 11, bold: true, mostLines: 2, widthMm: besideQrMm });
	write(content.bestBy, { sizePt: 12, bold: true, widthMm: besideQrMm });
	for (const fact of content.facts) write(fact, { sizePt: 8, mostLines: 2, widthMm: besideQrMm });
	y = Math.max(y + 0.6, belowQrMm);

	boxes.push({ kind: 'rule', xMm: marginMm, yMm: y, widthMm: innerMm });
	y += 0.8;
	const columns = [0, innerMm * 0.36, innerMm * 0.66];
	const widths = [innerMm * 0.35, innerMm * 0.29, innerMm * 0.33];
	const tablePt = 8;
	for (const row of [content.cookHead, ...content.cookRows]) {
		if (y + lineMm(tablePt) > bottomMm) {
			left.push(row.join(' '));
			continue;
		}
		row.forEach((cell, i) => {
			const bold = row === content.cookHead || i > 0;
			const [text] = wrapText(cell, widths[i], 1, (t) => measure(t, { sizePt: tablePt, bold }));
			if (text)
				boxes.push({
					kind: 'text',
					xMm: marginMm + columns[i],
					yMm: y,
					widthMm: widths[i],
					text,
					sizePt: tablePt,
					bold
				});
		});
		y += lineMm(tablePt);
	}
	y += 0.6;
	if (content.cookRows.some((row) => row.some((cell) => cell.endsWith('*'))))
		write(w.labelLayout.withCareSeeThe, {
			sizePt: smallestPt,
			widthMm: innerMm
		});
	if (content.onDay)
		write(content.onDay, { sizePt: 8.5, bold: true, mostLines: 2, widthMm: innerMm });
	if (content.allergens) write(content.allergens, { sizePt: 8, mostLines: 2, widthMm: innerMm });
	write(content.caution, { sizePt: smallestPt, mostLines: 2, widthMm: innerMm });
	return { boxes, left };
}
