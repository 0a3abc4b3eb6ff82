import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { chartTable, lineAt } from './chart-rows.ts';

const say = {
	time: 'after',
	at: (minute: number) => `${minute}`,
	temp: (c: number) => c.toFixed(6)
};

it('a straight line is read off as the line it is (its own equation), nothing beyond its ends (property)', () => {
	fc.assert(
		fc.property(
			fc.double({ min: -30, max: 95, noNaN: true }),
			fc.double({ min: -2, max: 2, noNaN: true }),
			fc.array(fc.integer({ min: 0, max: 600 }), { minLength: 2, maxLength: 20 }),
			(at0, slope, minutes) => {
				const points = [...new Set(minutes)]
					.sort((a, b) => a - b)
					.map((minute) => ({ minute, tempC: at0 + slope * minute }));
				const [first, last] = [points[0].minute, points[points.length - 1].minute];
				for (let minute = 0; minute <= 600; minute += 37) {
					const read = lineAt(points, minute);
					if (minute < first || minute > last) assert.equal(read, null);
					else assert.ok(read !== null && Math.abs(read - (at0 + slope * minute)) < 1e-6);
				}
				const { head, rows } = chartTable([{ name: 'pot', points }], say);
				assert.deepEqual(head, ['after', 'pot']);
				assert.ok(rows.length <= 12);
				for (const [minute, temp] of rows)
					assert.ok(Math.abs(Number(temp) - (at0 + slope * Number(minute))) < 1e-4);
			}
		)
	);
	assert.deepEqual(chartTable([], say), { head: [], rows: [] });
});
