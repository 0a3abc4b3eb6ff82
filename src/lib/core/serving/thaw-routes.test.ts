import assert from 'node:assert/strict';
import { it } from 'node:test';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { brick } from '../fixtures/heat-cases.ts';
import { softenedC, thawingTime } from '../freezing/thawing-time.ts';
import { cookCard } from './cook-card.ts';
import { publicWaterMin, waterRefusal } from './cold-water.ts';
import { thawRoutes } from './thaw-routes.ts';

const asked = {
	convert: {
		...chickenPack,
		methods: [
			{ appliance: 'pressure-cooker' as const },
			{ appliance: 'oven' as const, ovenC: 165, covered: true }
		]
	},
	freezerC: -18,
	refrigeratorC: 4,
	coldWaterC: 13.5
};

it('a softened pack is under its freezing point, and cooks sooner than frozen solid, later than thawed', () => {
	const at = softenedC(chickenPack.food);
	assert.ok(at < -1 && at > -3, `${at}`);
	const routes = thawRoutes(cookCard(asked), { inPan: false, massKg: chickenPack.massKg });
	const [frozen, softened, water, cold] = routes;
	assert.deepEqual([water.options, frozen.beforeMin], [cold.options, 0]);
	for (const i of [0, 1]) {
		const minutes = [frozen, softened, cold].map(({ options }) => options[i].totalMin!.likely);
		assert.ok(minutes[0] > minutes[1] && minutes[1] > minutes[2], minutes.join(' '));
	}
	assert.ok(softened.beforeMin! < water.beforeMin! && water.beforeMin! < cold.beforeMin!);
});

it('cold water: not for pans, not for a 1.6 kg roast of 7 cm; while the surface stays cold or the public figure holds, yes (USDA FSIS, from memory)', () => {
	const roast = thawingTime({
		food: chickenPack.food,
		shape: brick([0.17, 0.12, 0.074]),
		startC: -18,
		place: 'cold-water',
		placeC: 13.5
	});
	const massKg = 1.6;
	const may = (min: number | null, warmMin: number | null | undefined, kg = massKg) =>
		waterRefusal(false, { min, warmMin, massKg: kg }) === null;
	assert.ok(!may(roast.thawedMin, roast.warmMin));
	assert.ok(may(60, 10, 0.45));
	assert.ok(may(200, 185), 'its surface is warm for under two hours at the unfavourable end');
	assert.ok(!may(300, 10));
	assert.ok(may(400, null), 'in iced water its surface never gets warm');
	// a pound within an hour, three to four pounds in two to three hours
	assert.equal(publicWaterMin(0.4536), 60);
	assert.ok(Math.abs(publicWaterMin(4 * 0.4536) - 180) < 1);
	assert.equal(waterRefusal(true, { min: 60, warmMin: 10, massKg }), 'pan');
	const inPan = cookCard({
		...asked,
		convert: { ...asked.convert, pan: { shape: chickenPack.block } }
	});
	assert.deepEqual(inPan.softened, []);
});
