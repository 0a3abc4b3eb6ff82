import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { labelPapers } from '../core/published/index.ts';
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
	raw: fc.constantFrom('RAW', ''),
	contents: words,
	packed: words,
	slab: fc.option(
		fc.record({ thicknessM: fc.double({ min: 0.005, max: 0.12, noNaN: true }), text: cell }),
		{ nil: null }
	),
	serveWith: words,
	nutrition: words,
	code: fc.constantFrom('7K3QX', '3HQRD', 'WWWWW'),
	cookHead: fc.tuple(cell, cell, cell),
	cookRows: fc.array(fc.tuple(cell, cell, cell), { maxLength: 6 }),
	onDay: words,
	allergens: words,
	done: words,
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
						box.kind === 'qr'
							? box.sideMm
							: box.kind === 'text'
								? box.sizePt * 0.3528 * 1.2
								: 'heightMm' in box
									? box.heightMm
									: 0;
					assert.ok(box.xMm >= 0 && box.yMm >= 0);
					assert.ok(box.xMm + width <= size.widthMm + 1e-6, `${JSON.stringify(box)} too wide`);
					assert.ok(box.yMm + height <= size.heightMm + 1e-6, `${JSON.stringify(box)} too low`);
					if ('sizePt' in box) assert.ok(box.sizePt >= 7);
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

it('of many ways the best stay, and what every label says goes before them', () => {
	const label: LabelContent = {
		name: 'Lamb and apricot tagine',
		bestBy: 'best by 13 Dec 2026',
		raw: '',
		contents: 'cooked · 4 servings · 1.4 kg · 1 of 2',
		packed: 'packed 13 Oct 2026',
		slab: { thicknessM: 0.051, text: '51 mm' },
		code: 'J4W4W',
		cookHead: ['', 'frozen', 'thawed'],
		cookRows: [
			['Pressure, 120 mL first', '27 min', '3 min'],
			['Oven 165 °C, covered', '2 h 10', '55 min'],
			['Slow high', 'thaw first', '3 h 10 *'],
			['Slow low', 'thaw first', '5 h 30 *']
		],
		onDay: 'On the day: 20 g flaked almonds',
		serveWith: '',
		allergens: 'Contains celery, nuts (almond), sulphites',
		done: 'Done at 74 °C in the middle.',
		caution: 'Measure it. Thaw in the refrigerator. Local rules win where stricter.',
		nutrition: ''
	};
	const texts = (heightMm: number) => {
		const { boxes, leftOut } = labelLayout(label, { widthMm: 76, heightMm }, measure);
		return { leftOut, text: boxes.map((box) => ('text' in box ? box.text : '')).join('|') };
	};
	const low = texts(51);
	assert.ok(low.leftOut.includes('caution') && low.leftOut.includes('other-ways'));
	assert.match(low.text, /Pressure.*27 min/);
	assert.doesNotMatch(low.text, /Slow low/);
	assert.deepEqual(texts(90).leftOut, []);
});
