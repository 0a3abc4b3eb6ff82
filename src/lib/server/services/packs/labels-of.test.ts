import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { metricHabit } from '../../../present/habit.ts';
import { paperKey, paperOf } from './labels-of.ts';

it('what every object inherits is no paper, and no setting that was kept as one breaks the page (property)', () => {
	const inherited = Object.getOwnPropertyNames(Object.prototype);
	fc.assert(
		fc.property(fc.oneof(fc.constantFrom(...inherited), fc.string()), (name) => {
			if (name === 'a4-2x4' || name === 'letter-2x3') return;
			const paper = paperOf(name, { own: {} });
			assert.ok(paper === null || Array.isArray(Object.keys(paper.page)));
			assert.ok(paperOf(paperKey(name, { paper: name }, metricHabit), {})?.page.widthMm);
		})
	);
	assert.ok(paperOf('a4-2x4', {})?.columns);
});
