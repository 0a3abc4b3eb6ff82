import assert from 'node:assert/strict';
import { it } from 'node:test';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { brick } from '../fixtures/heat-cases.ts';
import { softenedC, thawingTime } from '../freezing/thawing-time.ts';
import { cookCard } from './cook-card.ts';
import { mayGoIntoWater } from './cold-water.ts';
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
	const routes = thawRoutes(cookCard(asked), false);
	const [frozen, softened, water, cold] = routes;
	assert.deepEqual([water.options, frozen.beforeMin], [cold.options, 0]);
	for (const i of [0, 1]) {
		const minutes = [frozen, softened, cold].map(({ options }) => options[i].totalMin!.likely);
		assert.ok(minutes[0] > minutes[1] && minutes[1] > minutes[2], minutes.join(' '));
	}
	assert.ok(softened.beforeMin! < water.beforeMin! && water.beforeMin! < cold.beforeMin!);
});

it('cold water is for flat packs: not for pans, and refused to a 1.6 kg roast of 7 cm (USDA FSIS: 30 min a pound is for flat ones)', () => {
	const roast = thawingTime({
		food: chickenPack.food,
		shape: brick([0.17, 0.12, 0.074]),
		startC: -18,
		place: 'cold-water',
		placeC: 13.5
	});
	assert.ok(!mayGoIntoWater(false, roast.thawedMin));
	assert.ok(mayGoIntoWater(false, 60));
	assert.ok(!mayGoIntoWater(true, 60));
	const inPan = cookCard({
		...asked,
		convert: { ...asked.convert, pan: { shape: chickenPack.block } }
	});
	assert.deepEqual(inPan.softened, []);
});
