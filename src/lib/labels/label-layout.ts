import { mmPerPt } from '../core/units/index.ts';
import * as w from '../present/wording/index.ts';
import type { LabelContent, LabelPart } from './label-content.ts';
import { shortened, wrapText } from './wrap-text.ts';

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
	| { kind: 'rule'; xMm: number; yMm: number; widthMm: number }
	/** a tag is white on black; a slab is a pack from the side, its thickness written in it */
	| {
			kind: 'tag' | 'slab';
			xMm: number;
			yMm: number;
			widthMm: number;
			heightMm: number;
			text: string;
			sizePt: number;
	  };

export interface LabelLayout {
	boxes: LabelBox[];
	/** what did not fit even at the smallest size, and was left out */
	leftOut: LabelPart[];
}

const lineMm = (sizePt: number) => sizePt * 1.2 * mmPerPt;
/** Nothing is set smaller: still legible at reading distance (2.5 mm lines; common practice). */
const smallestPt = 7;
/** Name and best-by are read at arm's length: never smaller than this. */
const nameFloorPt = 11;
/** A module of the code is at least 0.45 mm then: three and a half dots at 203 to the inch. */
const smallestQrMm = 12;
const largestQrMm = 19;

/** What goes first when there is no room: the last of these. Name, best-by and code never go. */
const byPriority: readonly LabelPart[] = [
	'contents',
	'allergens',
	'done',
	'cooking',
	'on-the-day',
	'packed',
	'serve-with',
	'caution',
	'nutrition'
];
/** What every label says goes before a line that only this pack has. */
const boilerplate: ReadonlySet<LabelPart> = new Set<LabelPart>(['caution', 'nutrition']);
/** Of many ways the best ones stay: so many are tried when there is no room for all. */
const fewerWays = [4, 3, 2];
/** Sizes that are tried, of the full one. */
const scales = [1.3, 1.15, 1, 0.93, 0.87];

interface Size {
	widthMm: number;
	heightMm: number;
}

/**
 * Where everything on a label stands, in millimetres from its top left corner. Text shrinks to a legible size; what still does not
 * fit goes by priority and is named. Nothing stands outside the label.
 */
export function labelLayout(content: LabelContent, size: Size, measure: Measure): LabelLayout {
	const said: Record<LabelPart, string> = {
		name: content.name,
		'best-by': content.bestBy,
		contents: content.contents,
		allergens: content.allergens,
		done: content.done,
		'other-ways': '',
		caution: content.caution,
		cooking: content.cookRows.length ? 'yes' : '',
		'on-the-day': content.onDay,
		packed: content.packed,
		'serve-with': content.serveWith,
		nutrition: content.nutrition
	};
	const kept = byPriority.filter((part) => said[part]);
	const leftOut: LabelPart[] = [];
	let ways = content.cookRows.length;
	for (;;) {
		const shown = { ...content, cookRows: content.cookRows.slice(0, ways) };
		for (const scale of scales) {
			const boxes = placed(shown, new Set(kept), size, measure, scale);
			if (boxes) return { boxes, leftOut };
		}
		const fewer = fewerWays.find((n) => n < ways);
		const last = kept.at(-1);
		if (!last) break;
		if (fewer !== undefined && kept.includes('cooking') && !boilerplate.has(last)) {
			ways = fewer;
			if (!leftOut.includes('other-ways')) leftOut.unshift('other-ways');
			continue;
		}
		kept.pop();
		leftOut.unshift(last);
	}
	return { boxes: smallest(content, size, measure), leftOut };
}

const marginOf = ({ widthMm }: Size) => (widthMm < 60 ? 2 : 3.5);
const qrOf = ({ widthMm, heightMm }: Size) =>
	Math.max(smallestQrMm, Math.min(largestQrMm, heightMm * 0.36, widthMm * 0.26));

/** All the kept parts at a scale; null when they do not fit. */
function placed(
	content: LabelContent,
	kept: ReadonlySet<LabelPart>,
	size: Size,
	measure: Measure,
	scale: number
): LabelBox[] | null {
	const marginMm = marginOf(size);
	const qrMm = qrOf(size);
	const codePt = qrMm > 15 ? 11 : 9;
	const innerMm = size.widthMm - 2 * marginMm;
	const besideQrMm = innerMm - qrMm - 2;
	const bottomMm = size.heightMm - 2;
	const pt = (full: number) => Math.max(smallestPt, full * scale);
	const boxes = corner(content.code, size, measure);
	const belowQrMm = 2 + qrMm + 0.3 + lineMm(codePt) + 0.3;
	let y = 2.2;
	let fits = true;

	const write = (text: string, sizePt: number, bold: boolean, mostLines: number) => {
		if (!fits) return;
		let beside = y < belowQrMm - 0.01;
		const width = (word: string) => measure(word, { sizePt, bold });
		let lines = wrapText(text, beside ? besideQrMm : innerMm, width);
		if (beside && y + lines.length * lineMm(sizePt) > belowQrMm && text !== content.name) {
			// a paragraph that would run past the code starts under it, over the full width
			const under = wrapText(text, innerMm, width);
			if (under.length < lines.length) {
				lines = under;
				y = belowQrMm;
				beside = false;
			}
		}
		if (lines.length > mostLines || y + lines.length * lineMm(sizePt) > bottomMm) {
			fits = false;
			return;
		}
		for (const line of lines) {
			const widthMm = beside ? besideQrMm : innerMm;
			boxes.push({ kind: 'text', xMm: marginMm, yMm: y, widthMm, text: line, sizePt, bold });
			y += lineMm(sizePt);
		}
	};

	const namePt = [25, 22, 20, 17, 15, 13, nameFloorPt].find(
		(sizePt) =>
			sizePt <= Math.max(nameFloorPt, 20 * scale) &&
			wrapText(content.name, besideQrMm, (t) => measure(t, { sizePt, bold: true })).length <= 2 &&
			2 * lineMm(sizePt) <= size.heightMm * 0.36
	);
	if (!namePt) {
		for (const box of nameCut(content.name, marginMm, besideQrMm, y, measure)) {
			boxes.push(box);
			y += lineMm(nameFloorPt);
		}
	} else write(content.name, namePt, true, 2);
	write(content.bestBy, Math.max(nameFloorPt, 13 * scale), true, 2);
	if (content.raw) tag(content.raw, Math.max(9, 12 * scale));
	if (kept.has('contents')) write(content.contents, pt(9), false, 2);
	if (kept.has('packed')) {
		write(content.packed, pt(8), false, 2);
		if (content.slab) slab(content.slab, pt(8));
	}
	if (kept.has('cooking')) {
		y = Math.max(y + 0.4, belowQrMm);
		boxes.push({ kind: 'rule', xMm: marginMm, yMm: y, widthMm: innerMm });
		y += 0.6;
		fits &&= table(content, pt(8.5));
		y += 0.4;
	}
	if (kept.has('on-the-day')) write(content.onDay, pt(8.5), true, 3);
	if (kept.has('serve-with')) write(content.serveWith, pt(8), false, 2);
	if (kept.has('allergens')) write(content.allergens, pt(8.5), true, 3);
	if (kept.has('done')) write(content.done, pt(8.5), true, 2);
	if (kept.has('caution')) write(content.caution, pt(7.5), false, 2);
	if (kept.has('nutrition')) write(content.nutrition, pt(7), false, 2);
	return fits && y <= bottomMm + 1e-6 ? boxes : null;

	/** White on black, on a line of its own. */
	function tag(text: string, sizePt: number): void {
		const heightMm = lineMm(sizePt) + 0.6;
		const widthMm = measure(text, { sizePt, bold: true }) + 3;
		if (y + heightMm > bottomMm || widthMm > besideQrMm) fits = false;
		else boxes.push({ kind: 'tag', xMm: marginMm, yMm: y + 0.2, widthMm, heightMm, text, sizePt });
		y += heightMm + 0.5;
	}

	/** The pack from the side, at the end of the line that was written last, as far as there is room. */
	function slab({ thicknessM, text }: { thicknessM: number; text: string }, sizePt: number): void {
		const line = boxes.at(-1);
		if (!fits || line?.kind !== 'text') return;
		const widthMm = measure(text, { sizePt: smallestPt, bold: false }) + 5;
		const xMm = line.xMm + measure(line.text, line) + 2.5;
		const heightMm = Math.min(lineMm(sizePt), 2.6 + thicknessM * 12);
		if (xMm + widthMm > line.xMm + line.widthMm) return;
		const yMm = line.yMm + (lineMm(sizePt) - heightMm) / 2;
		boxes.push({ kind: 'slab', xMm, yMm, widthMm, heightMm, text, sizePt: smallestPt });
	}

	/** Appliance with its liquid, from frozen, thawed; false when it does not fit. */
	function table(of: LabelContent, mostPt: number): boolean {
		const at = [0, innerMm * 0.48, innerMm * 0.75];
		const wide = [innerMm * 0.47, innerMm * 0.26, innerMm * 0.25];
		const rows = [of.cookHead, ...of.cookRows];
		// as large as the longest time allows
		const longest = Math.max(
			...rows.flatMap((row) =>
				[1, 2].map((i) => measure(row[i], { sizePt: 1, bold: true }) / wide[i])
			)
		);
		const sizePt = Math.min(mostPt, longest > 0 ? 1 / longest : mostPt);
		if (sizePt < smallestPt) return false;
		for (const row of rows) {
			if (y + lineMm(sizePt) > bottomMm) return false;
			for (const [i, cell] of row.entries()) {
				if (!cell) continue;
				const bold = row === of.cookHead || i > 0;
				const width = (text: string) => measure(text, { sizePt, bold });
				// times are never cut short; an appliance's name may be
				const text = i > 0 ? cell : shortened(cell, wide[i], width);
				const xMm = marginMm + at[i];
				boxes.push({ kind: 'text', xMm, yMm: y, widthMm: wide[i], text, sizePt, bold });
			}
			y += lineMm(sizePt);
		}
		if (!of.cookRows.some((row) => row.some((cell) => cell.endsWith('*')))) return true;
		const star = w.labelLayout.star;
		if (y + lineMm(smallestPt) > bottomMm) return false;
		write(star, smallestPt, false, 2);
		return true;
	}
}

/** The code, for eyes and for a camera, in the top right corner. */
function corner(code: string, size: Size, measure: Measure): LabelBox[] {
	const qrMm = qrOf(size);
	const xMm = size.widthMm - marginOf(size) - qrMm;
	const style = { sizePt: qrMm > 15 ? 11 : 9, bold: true };
	return [
		{ kind: 'qr', xMm, yMm: 2, sideMm: qrMm, payload: code },
		{
			kind: 'text',
			xMm: xMm + Math.max(0, (qrMm - measure(code, style)) / 2),
			yMm: 2 + qrMm + 0.3,
			widthMm: qrMm,
			text: code,
			...style
		}
	];
}

/** A name too long for its two lines, cut with … */
function nameCut(
	name: string,
	xMm: number,
	widthMm: number,
	fromMm: number,
	measure: Measure
): LabelBox[] {
	const style = { sizePt: nameFloorPt, bold: true };
	const width = (text: string) => measure(text, style);
	const [first = '', ...rest] = wrapText(name, widthMm, width);
	const second = rest.length ? shortened(rest.join(' '), widthMm, width) : '';
	return [first, second].filter(Boolean).map((text, i) => ({
		kind: 'text',
		xMm,
		yMm: fromMm + i * lineMm(nameFloorPt),
		widthMm,
		text,
		...style
	}));
}

/** What the smallest label holds: name, best-by and code. */
function smallest(content: LabelContent, size: Size, measure: Measure): LabelBox[] {
	const marginMm = marginOf(size);
	const besideQrMm = size.widthMm - 2 * marginMm - qrOf(size) - 2;
	const names = nameCut(content.name, marginMm, besideQrMm, 2.2, measure);
	const style = { sizePt: nameFloorPt, bold: true };
	const yMm = 2.2 + names.length * lineMm(nameFloorPt);
	const text = shortened(content.bestBy, besideQrMm, (t) => measure(t, style));
	return [
		...corner(content.code, size, measure),
		...names,
		{ kind: 'text', xMm: marginMm, yMm, widthMm: besideQrMm, text, ...style }
	];
}
