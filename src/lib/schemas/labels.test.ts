import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { labelPapers } from '../core/published/index.ts';
import { ownPaperFrom, ownPaperSchema, printOffsetSchema } from './labels.ts';
import { readForm } from './read-form.ts';

const typed = (figures: Record<string, string>) => readForm(ownPaperSchema(), figures);

it('a paper measured by hand is the one of the table, with a comma or a point', () => {
	const form = typed({
		name: 'mine',
		page: 'a4',
		labelWidthMm: '63,5',
		labelHeightMm: '38.1',
		columns: '3',
		rows: '7',
		leftMm: '7.25',
		topMm: '15.15',
		columnGapMm: '2.5 mm',
		rowGapMm: ''
	});
	assert.ok(form.ok, JSON.stringify(form));
	assert.deepEqual(ownPaperFrom(form.value), labelPapers['a4-3x7']);
});

it('labels that do not go onto the page are refused; a roll is as large as its label (property)', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 40, max: 110 }),
			fc.integer({ min: 25, max: 150 }),
			fc.integer({ min: 1, max: 5 }),
			fc.integer({ min: 1, max: 12 }),
			(width, height, columns, rows) => {
				const figures = {
					name: 'mine',
					labelWidthMm: String(width),
					labelHeightMm: String(height),
					columns: String(columns),
					rows: String(rows)
				};
				const sheet = typed({ ...figures, page: 'letter' });
				assert.ok(sheet.ok);
				const fits = width * columns <= 216.4 && height * rows <= 279.9;
				assert.equal(ownPaperFrom(sheet.value) !== null, fits);
				const roll = typed({ ...figures, page: 'roll' });
				assert.ok(roll.ok);
				const paper = ownPaperFrom(roll.value)!;
				assert.deepEqual(
					[paper.kind, paper.page.widthMm, paper.page.heightMm, paper.columns],
					['roll', width, height, 1]
				);
			}
		)
	);
});

it('an offset may be negative, not nonsense, and is nothing when left open', () => {
	const read = (rightMm: string) => readForm(printOffsetSchema(), { rightMm, lowMm: '' });
	const left = read('−1.5');
	assert.ok(left.ok && left.value.rightMm === -1.5 && left.value.lowMm === 0);
	for (const bad of ['a bit', '99']) assert.equal(read(bad).ok, false);
});
