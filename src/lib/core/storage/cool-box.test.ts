import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { coolBox } from './cool-box.ts';

const { food } = chickenPack;
const packs = [{ food, massKg: 5, tempC: -18 }];
const hard25 = { kind: 'hard', volumeL: 25 } as const;

// common practice, no source: 5 kg of hard-frozen stew in a hard box of 25 L, 25 °C, are hard in the middle after 10 to 20 hours
it('what is hard in the middle has left −5 °C in its mean, and is not yet at 5 °C', () => {
	const { hardH, to5H } = coolBox({ packs, box: hard25, ambientC: 25, openingsPerDay: 1 });
	assert.ok(hardH.likely < 10, String(hardH.likely));
	assert.ok(to5H.likely > 15 && to5H.likely < 25, String(to5H.likely));
	assert.ok(Math.abs(to5H.from / to5H.likely - 2 / 3) < 1e-9);
});

// the box lets in 0.8 W/K × 23 K and little more: 668 kJ of ice hold eight hours and longer, whatever lies beside it
it('ice holds food that starts chilled; what goes in warm shortens it', () => {
	const at = (tempC: number, iceKg = 2) =>
		coolBox({ packs: [{ food, massKg: 5, tempC }], iceKg, box: hard25, ambientC: 25 }).to5H.likely;
	assert.ok(at(4) > 8 && at(2) > at(4), String(at(4)));
	assert.ok(at(4, 0) < at(4) && at(12) < at(4));
	assert.equal(coolBox({ packs: [], box: hard25, ambientC: 25 }).to5H.likely, 0);
});

it('to melt a kilogram more of ice takes its latent heat through the walls (energy balance)', () => {
	const box = { packs, box: hard25, ambientC: 25, openingsPerDay: 0 };
	const more =
		coolBox({ ...box, iceKg: 2 }).to5H.likely - coolBox({ ...box, iceKg: 1 }).to5H.likely;
	// 334 kJ at 0 °C and what warms it to there and to 5 °C, over 0.8 W/K × some 25 K
	const atLeast = 334_000 / (0.8 * 26) / 3600;
	assert.ok(more > atLeast && more < atLeast * 1.5, String(more));
});

it('more ice, less heat outside, a harder box and fewer openings never shorten it (property)', () => {
	fc.assert(
		fc.property(
			fc.double({ min: 0, max: 5, noNaN: true }),
			fc.double({ min: 6, max: 40, noNaN: true }),
			fc.integer({ min: 0, max: 20 }),
			(iceKg, ambientC, openingsPerDay) => {
				const asked = { packs, iceKg, box: hard25, ambientC, openingsPerDay };
				const base = coolBox(asked);
				for (const better of [
					{ iceKg: iceKg + 1 },
					{ ambientC: ambientC - 3 },
					{ openingsPerDay: Math.max(0, openingsPerDay - 1) }
				]) {
					const longer = coolBox({ ...asked, ...better });
					assert.ok(longer.hardH.likely >= base.hardH.likely - 1e-9);
					assert.ok(longer.to5H.likely >= base.to5H.likely - 1e-9);
				}
				assert.ok(
					coolBox({ ...asked, box: { ...hard25, kind: 'soft' } }).to5H.likely < base.to5H.likely
				);
			}
		),
		{ numRuns: 40 }
	);
});

it('packs that are not hard have no hard hours; nothing broken is answered', () => {
	assert.equal(
		coolBox({ packs: [{ food, massKg: 1, tempC: 2 }], box: hard25, ambientC: 20 }).hardH.likely,
		0
	);
	assert.throws(() => coolBox({ packs, box: { ...hard25, volumeL: 0 }, ambientC: 20 }));
	assert.throws(() => coolBox({ packs, box: hard25, ambientC: NaN }));
});
