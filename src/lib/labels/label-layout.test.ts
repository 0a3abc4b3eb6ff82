import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { labelSheets } from '../core/tables/label-sheets.ts';
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
	facts: fc.array(words, { maxLength: 3 }),
	code: fc.constantFrom('7K3QX', '3HQRD', 'WWWWW'),
	cookHead: fc.tuple(cell, cell, cell),
	cookRows: fc.array(fc.tuple(cell, cell, cell), { maxLength: 6 }),
	onDay: words,
	allergens: words,
	caution: words
});

it('nothing stands outside its label, whatever it says (property, both sheets)', () => {
	for (const sheet of Object.values(labelSheets)) {
		const size = { widthMm: sheet.labelWidthMm, heightMm: sheet.labelHeightMm };
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
			{ numRuns: 1000 }
		);
	}
});

it('labels start at the asked place, stay on the paper, and do not overlap', () => {
	for (const sheet of Object.values(labelSheets)) {
		const places = sheet.columns * sheet.rows;
		const positions = sheetPositions(sheet, places, 3);
		assert.deepEqual(
			positions.map((p) => p.page),
			[0, 1, 1]
		);
		for (const p of sheetPositions(sheet, 1, places)) {
			assert.ok(p.xMm + sheet.labelWidthMm <= sheet.page.widthMm + 1e-6);
			assert.ok(p.yMm + sheet.labelHeightMm <= sheet.page.heightMm + 1e-6);
		}
		const corners = new Set(sheetPositions(sheet, 1, places).map((p) => `${p.xMm} ${p.yMm}`));
		assert.equal(corners.size, places);
	}
});
