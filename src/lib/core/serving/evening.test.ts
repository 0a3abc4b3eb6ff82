import assert from 'node:assert/strict';
import { before, it } from 'node:test';
import fc from 'fast-check';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { applianceNames } from '../appliances/index.ts';
import { cookCard } from './cook-card.ts';
import { eveningOf } from './evening.ts';
import { thawRoutes, type Route } from './thaw-routes.ts';

const hourMs = 3_600_000;
let routes: Route[];
before(() => {
	const card = cookCard({
		convert: {
			...chickenPack,
			kind: 'meat-in-sauce',
			content: 'cooked',
			reheat: true,
			methods: [
				{ appliance: 'slow-cooker', setting: 'low' },
				{ appliance: 'pressure-cooker' },
				{ appliance: 'oven', ovenC: 165, covered: true },
				{ appliance: 'hob', level: 'medium' },
				{ appliance: 'microwave', powerW: 800 }
			]
		},
		freezerC: -18,
		refrigeratorC: 4,
		coldWaterC: 13.5
	});
	routes = thawRoutes(card, { inPan: false, massKg: chickenPack.massKg });
});
const asked = (inH: number, owned: Parameters<typeof eveningOf>[0]['owned'] = applianceNames) =>
	eveningOf({ routes, owned, serveAtMs: inH * hourMs, nowMs: 0 });

// common practice, no source: asked the day before, a wise cook takes it out to thaw in the refrigerator
it('asked for tomorrow evening, it is taken out into the refrigerator; for in two hours it is not', () => {
	assert.equal(asked(30).best?.route, 'refrigerator');
	const soon = asked(2).best;
	assert.ok(soon && soon.route !== 'refrigerator', JSON.stringify(soon));
});

it('water to be changed is bother: with time for both, straight in wins over hours in the bowl', () => {
	assert.notEqual(asked(6).best?.route, 'cold-water');
});

it('the best way is ready in time, owned and not refused; the earliest is never later than the best (property)', () => {
	fc.assert(
		fc.property(
			fc.double({ min: 0, max: 60, noNaN: true }),
			fc.subarray([...applianceNames]),
			(inH, owned) => {
				const { best, earliest } = asked(inH, owned);
				if (!best) return;
				assert.ok(owned.includes(best.method.appliance) && best.advice !== 'refused');
				assert.ok((best.takeOutAtMs ?? best.startAtMs) >= 0);
				assert.ok(earliest && earliest.readyAtMs <= inH * hourMs + 1);
			}
		)
	);
});
