import type { LabelContent } from '../../labels/label-content.ts';
import { drawBox, newPdf, ptPerMm } from './draw.ts';
import { Flow } from './flow.ts';
import type { FontBytes } from './fonts.ts';

export interface CookDayCard {
	label: LabelContent;
	headings: { take: string; cook: string; add: string; serve: string; mind: string };
	/** how to thaw it, for somebody who has only this card */
	thaw: string[];
	/** a line a way: appliance, thawed, from frozen */
	cautions: string[];
	addOnDay: string[];
}

const marginMm = 12;

/** Half a page to tape onto a pack or to give away with it: everything somebody without the application needs. */
export async function cookDayCardPdf(input: {
	page: { widthMm: number; heightMm: number };
	cards: readonly CookDayCard[];
	fonts: FontBytes;
	title: string;
}): Promise<Buffer> {
	const { page } = input;
	const { doc, face, finished } = newPdf(page, input.fonts, input.title);
	const halfMm = page.heightMm / 2;
	const widthMm = page.widthMm - 2 * marginMm;
	input.cards.forEach((card, i) => {
		const lower = i % 2 === 1;
		if (!lower) doc.addPage();
		const topMm = (lower ? halfMm : 0) + marginMm;
		if (!lower)
			doc
				.moveTo(0, halfMm * ptPerMm)
				.lineTo(page.widthMm * ptPerMm, halfMm * ptPerMm)
				.dash(3, { space: 3 })
				.lineWidth(0.5)
				.stroke()
				.undash();
		const box = {
			xMm: marginMm,
			topMm,
			widthMm: widthMm - 28,
			bottomMm: topMm + halfMm - 2 * marginMm
		};
		const side = { kind: 'qr', xMm: marginMm + widthMm - 24, yMm: topMm, sideMm: 24 } as const;
		drawBox(doc, face, { ...side, payload: card.label.code }, { xMm: 0, yMm: 0 });
		drawBox(
			doc,
			face,
			{
				kind: 'text',
				xMm: side.xMm + 4,
				yMm: topMm + 25,
				widthMm: 20,
				text: card.label.code,
				sizePt: 13,
				bold: true
			},
			{ xMm: 0, yMm: 0 }
		);
		const top = new Flow(doc, face, box);
		const { label, headings } = card;
		top.text(label.name, 18, { bold: true });
		top.text(label.bestBy, 13, { bold: true });
		top.text([label.raw, label.contents, label.packed].filter(Boolean).join(' · '), 10, {
			gapMm: 1
		});
		if (label.allergens) top.text(label.allergens, 10, { bold: true, gapMm: 1 });
		const flow = new Flow(doc, face, {
			...box,
			widthMm,
			topMm: Math.max(top.y, topMm + 32)
		});
		if (card.thaw.length) {
			flow.text(headings.take, 11, { bold: true });
			for (const line of card.thaw) flow.text(line, 10);
		}
		if (label.cookRows.length) {
			flow.rule();
			const wide = [widthMm * 0.52, widthMm * 0.24, widthMm * 0.24];
			for (const row of [[headings.cook, ...label.cookHead.slice(1)], ...label.cookRows])
				flow.row(
					row.map((text, at) => ({
						text,
						widthMm: wide[at],
						bold: at > 0 || row[0] === headings.cook
					})),
					10
				);
			if (label.done) flow.text(label.done, 10, { bold: true });
			flow.y += 1;
		}
		for (const [head, lines] of [
			[headings.add, card.addOnDay],
			[headings.serve, label.serveWith ? [label.serveWith] : []],
			[headings.mind, card.cautions]
		] as const) {
			if (lines.length === 0) continue;
			flow.text(head, 11, { bold: true });
			for (const line of lines) flow.text(line, 10);
		}
	});
	return finished();
}
