import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { labelPapers } from '../core/published/label-papers.ts';
import type { LabelContent } from './label-content.ts';
import { labelLayout, type Measure } from './label-layout.ts';
import { sheetPositions } from './sheet-positions.ts';

/** Wider than the real face by a little, so that a fit here is a fit on paper. */
const measure: Measure = (text, { sizePt, bold }) =>
	text.length * sizePt * 0.3528 * (bold ? 0.6 : 0.55);
const words = fc.string({ unit: 'grapheme', minLength: 1, maxLength: 140 });
const cell = fc.string({ maxLength: 30 });
const content: fc.Arbitrary<LabelContent> = fc.record({
	name: words,
	bestBy: words,
	contents: words,
	packed: words,
	serveWith: words,
	nutrition: words,
	code: fc.constantFrom('7K3QX', '3HQRD', 'WWWWW'),
	cookHead: fc.tuple(cell, cell, cell),
	cookRows: fc.array(fc.tuple(cell, cell, cell), { maxLength: 6 }),
	onDay: words,
	allergens: words,
	caution: words
});

it('nothing stands outside its label, whatever it says (property, every paper)', () => {
	for (const paper of Object.values(labelPapers)) {
		const size = { widthMm: paper.labelWidthMm, heightMm: paper.labelHeightMm };
		fc.assert(
			fc.property(content, (label) => {
				for (const box of labelLayout(label, size, measure).boxes) {
					const width =
						box.kind === 'qr'
							? box.sideMm
							: box.kind === 'text'
								? measure(box.text, box)
								: box.widthMm;
					const height =
						box.kind === 'qr' ? box.sideMm : box.kind === 'text' ? box.sizePt * 0.3528 * 1.2 : 0;
					assert.ok(box.xMm >= 0 && box.yMm >= 0);
					assert.ok(box.xMm + width <= size.widthMm + 1e-6, `${JSON.stringify(box)} too wide`);
					assert.ok(box.yMm + height <= size.heightMm + 1e-6, `${JSON.stringify(box)} too low`);
					if (box.kind === 'text') assert.ok(box.sizePt >= 7);
				}
			}),
			{ numRuns: 400 }
		);
	}
});

it('labels start at the asked place, stay on the paper, and do not overlap', () => {
	for (const paper of Object.values(labelPapers)) {
		const places = paper.columns * paper.rows;
		const positions = sheetPositions(paper, places, 3);
		assert.deepEqual(
			positions.map((p) => p.page),
			places === 1 ? [0, 1, 2] : [0, 1, 1]
		);
		for (const p of sheetPositions(paper, 1, places)) {
			assert.ok(p.xMm + paper.labelWidthMm <= paper.page.widthMm + 1e-6);
			assert.ok(p.yMm + paper.labelHeightMm <= paper.page.heightMm + 1e-6);
		}
		const corners = new Set(sheetPositions(paper, 1, places).map((p) => `${p.xMm} ${p.yMm}`));
		assert.equal(corners.size, places);
	}
});
