import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { growthLogOf, growthPerH, perfringens } from './growth.ts';
import { judgeRun } from './judge-run.ts';

/** A course through given points: [hours, °C]. */
const course = (...points: [number, number][]) => ({
	minutes: points.map(([h]) => h * 60),
	worstC: points.map(([, c]) => c)
});
const judge = (points: [number, number][], more: Partial<Parameters<typeof judgeRun>[0]> = {}) =>
	judgeRun({ ...course(...points), content: 'cooked', ...more });

describe('one judge for any run', () => {
	// Food Code 3-403.11: 74 °C within two hours; slow cooking of raw meat as docs/safety.md has it
	it('on the way up the hours of heating count, in a low oven as in a slow cooker', () => {
		const up = (h: number, content: 'raw-meat' | 'cooked') =>
			judge(
				[
					[0, 4],
					[h, 80],
					[h + 0.5, 80]
				],
				{ content, floorC: 74 }
			).verdict;
		assert.deepEqual(
			[up(1, 'cooked'), up(3.2, 'cooked'), up(6, 'cooked')],
			['good', 'caution', 'refused']
		);
		assert.deepEqual(
			[up(4, 'raw-meat'), up(6.5, 'raw-meat'), up(9, 'raw-meat')],
			['good', 'caution', 'refused']
		);
	});
	it('half an hour on low before going out ends nowhere: below its floor', () => {
		const run = judge(
			[
				[0, 4],
				[0.5, 30],
				[6, 24]
			],
			{ content: 'raw-meat', floorC: 74 }
		);
		assert.deepEqual([run.verdict, run.rule], ['refused', 'below-floor']);
	});
	it('held at 58 °C it is pasteurised, not in danger; at 62 where 74 is asked it is said', () => {
		const held = (c: number, floorC?: number) =>
			judge(
				[
					[0, 4],
					[0.4, 54],
					[0.6, c],
					[8, c]
				],
				{ content: 'raw-meat', floorC }
			);
		assert.equal(held(58).verdict, 'good');
		assert.ok(held(58).hazardH > 7);
		assert.deepEqual([held(62, 74).verdict, held(62, 74).rule], ['caution', 'below-floor']);
	});
	it('on the way down the two stages count, rice within the hour (Food Code 3-501.14; UK FSA)', () => {
		const down = (to21H: number, to5H: number, rice = false) =>
			judge(
				[
					[0, 90],
					[0.2, 57],
					[0.2 + to21H, 21],
					[0.2 + to5H, 5]
				],
				{ rice }
			);
		assert.equal(down(1.5, 5).verdict, 'good');
		assert.equal(down(2.1, 5).rule, 'to21');
		assert.equal(down(1.5, 6.2).rule, 'to5');
		assert.equal(down(1.5, 5, true).rule, 'rice-hour');
		assert.equal(
			judge([
				[0, 90],
				[1, 40]
			]).verdict,
			'good',
			'a gate still ahead is not missed'
		);
	});
	it('what never gets hot is left out: two hours, rice one; nothing grows in the refrigerator', () => {
		const out = (h: number, rice = false) =>
			judge(
				[
					[0, 4],
					[0.1, 21],
					[h, 21]
				],
				{ rice }
			).rule;
		assert.deepEqual(
			[out(1.9), out(2.3), out(1.5, true)],
			['within-limits', 'left-out', 'left-out']
		);
		assert.equal(
			judge([
				[0, 4],
				[60, 4]
			]).hazardH,
			0
		);
	});
	it('a power failure in the middle counts with the rest: up, down again, and up', () => {
		const failed = judge(
			[
				[0, 4],
				[1, 45],
				[5, 30],
				[6, 80]
			],
			{ content: 'raw-meat', floorC: 74 }
		);
		assert.ok(failed.hazardH > 5);
		assert.notEqual(failed.verdict, 'good');
	});
	it('a series that is none throws', () => {
		assert.throws(() => judge([[0, 4]]), { code: 'no-stages' });
		assert.throws(
			() =>
				judge([
					[0, 4],
					[1, NaN]
				]),
			{ code: 'not-a-number' }
		);
		assert.throws(
			() =>
				judge([
					[1, 4],
					[0, 8]
				]),
			{ code: 'below-range' }
		);
		assert.throws(
			() =>
				judge(
					[
						[0, 4],
						[1, 70]
					],
					{ floorC: Infinity }
				),
			{ code: 'not-a-number' }
		);
	});
});

const rank = { good: 0, caution: 1, refused: 2 };
it('longer in danger is never judged better, whatever is cooked (property)', () => {
	const hours = fc.double({ min: 0.2, max: 8, noNaN: true });
	fc.assert(
		fc.property(
			hours,
			fc.double({ min: 1, max: 3, noNaN: true }),
			fc.double({ min: 60.5, max: 95, noNaN: true }),
			fc.constantFrom('raw-meat' as const, 'cooked' as const, 'plain' as const),
			fc.boolean(),
			(h, longer, hotC, content, cools) => {
				const at = (times: number) => {
					const points: [number, number][] = cools
						? [
								[0, hotC],
								[h * times, 4]
							]
						: [
								[0, 4],
								[h * times, hotC]
							];
					return rank[judge(points, { content }).verdict];
				};
				assert.ok(at(longer) >= at(1));
			}
		)
	);
});

// doubling of C. perfringens in cooked meat: some 10 min at 43 to 45 °C, an hour and more at 25, none at 10 or 52 (from memory)
it('growth doubles as published', () => {
	const doublesMin = (tempC: number) => (60 * Math.LN2) / growthPerH(perfringens, tempC);
	assert.ok(doublesMin(44) > 8 && doublesMin(44) < 13, String(doublesMin(44)));
	assert.ok(doublesMin(25) > 45 && doublesMin(25) < 120, String(doublesMin(25)));
	assert.equal(growthPerH(perfringens, 10), 0);
	assert.equal(growthPerH(perfringens, 52), 0);
	assert.equal(growthLogOf([0, 60], [3, 3]), 0);
	// hot again, what had begun is over
	assert.ok(growthLogOf([0, 240, 250, 260], [44, 44, 80, 44]) === growthLogOf([0, 240], [44, 44]));
});
