import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { readingCover } from './reading-cover.ts';
import { keptOfReadings } from './thin-readings.ts';
import { qualityUse } from './warm-spells.ts';

const minuteMs = 60_000;
const hourMs = 60 * minuteMs;

it('between what is kept a line passes within the tolerance of everything left out (any readings)', () => {
	const readings = fc
		.array(
			fc.record({
				stepMin: fc.integer({ min: 1, max: 90 }),
				tempC: fc.double({ min: -30, max: 5, noNaN: true })
			}),
			{ maxLength: 200 }
		)
		.map((steps) => {
			let atMs = 0;
			return steps.map(({ stepMin, tempC }) => ({ atMs: (atMs += stepMin * minuteMs), tempC }));
		});
	fc.assert(
		fc.property(readings, fc.double({ min: 0.01, max: 5, noNaN: true }), (all, withinK) => {
			const kept = keptOfReadings(all, withinK, hourMs);
			assert.ok(all.length < 2 || (kept[0] === 0 && kept.at(-1) === all.length - 1));
			for (let k = 1; k < kept.length; k++) {
				const [a, b] = [all[kept[k - 1]], all[kept[k]]];
				// further apart only where nothing was between
				assert.ok(b.atMs - a.atMs <= hourMs || kept[k] === kept[k - 1] + 1);
				for (const { atMs, tempC } of all.slice(kept[k - 1], kept[k] + 1)) {
					const line = a.tempC + ((b.tempC - a.tempC) * (atMs - a.atMs)) / (b.atMs - a.atMs);
					assert.ok(Math.abs(line - tempC) <= withinK + 1e-9);
				}
			}
		})
	);
});

it('a day of a steady freezer becomes a few readings; a warm afternoon stays with its top (from memory: thermostats swing by a kelvin or two over an hour)', () => {
	const day = Array.from({ length: 1440 }, (_, i) => {
		const warm = i > 800 && i < 900 ? 8 * Math.sin(((i - 800) / 100) * Math.PI) : 0;
		return { atMs: i * minuteMs, tempC: -18 + 0.2 * Math.sin(i / 9) + warm };
	});
	const kept = keptOfReadings(day, 0.3, hourMs).map((i) => day[i]);
	assert.ok(kept.length < 60, String(kept.length));
	const top = Math.max(...day.map(({ tempC }) => tempC));
	assert.ok(Math.max(...kept.map(({ tempC }) => tempC)) > top - 0.3);
	// what best-by and cautions go by is as it was
	const span = { fromMs: 0, toMs: 1439 * minuteMs };
	const use = (readings: typeof day) => qualityUse({ ...span, setC: -18, readings });
	assert.ok(Math.abs(use(kept).lostDays - use(day).lostDays) < 0.05);
	assert.ok(Math.abs(use(kept).warmH - use(day).warmH) < 0.2);
	assert.equal(readingCover(kept, span).coveredH, readingCover(day, span).coveredH);
});
