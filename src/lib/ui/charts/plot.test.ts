import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { lineAt, plotTable, share } from './plot.ts';

it('a straight line is read off as the line it is (its own equation), nothing beyond its ends (property)', () => {
	fc.assert(
		fc.property(
			fc.double({ min: -30, max: 95, noNaN: true }),
			fc.double({ min: -2, max: 2, noNaN: true }),
			fc.array(fc.integer({ min: 0, max: 600 }), { minLength: 2, maxLength: 20 }),
			(at0, slope, minutes) => {
				const points = [...new Set(minutes)]
					.sort((a, b) => a - b)
					.map((x) => ({ x, y: at0 + slope * x }));
				const [first, last] = [points[0].x, points[points.length - 1].x];
				const ticks = Array.from({ length: 17 }, (_, i) => i * 37);
				for (const x of ticks) {
					const read = lineAt(points, x);
					if (x < first || x > last) assert.equal(read, null);
					else assert.ok(read !== null && Math.abs(read - (at0 + slope * x)) < 1e-6);
				}
				const { head, rows } = plotTable({
					x: { min: 0, max: 600, ticks, text: String },
					y: { min: -30, max: 95, ticks: [], text: String },
					lines: [
						{ name: 'pot', points, ink: 'ink' },
						{ name: null, points, ink: 'soft' }
					],
					valueText: (value) => value.toFixed(6),
					legend: false
				});
				assert.deepEqual(head, ['pot']);
				assert.equal(rows.length, ticks.filter((x) => x >= first && x <= last).length);
				for (const [x, temp] of rows)
					assert.ok(Math.abs(Number(temp) - (at0 + slope * Number(x))) < 1e-4);
			}
		)
	);
	assert.equal(share(5, { min: 0, max: 20 }), 25);
});
