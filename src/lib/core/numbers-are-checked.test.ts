import assert from 'node:assert/strict';
import { it } from 'node:test';
import * as core from './index.ts';
import { chickenPack } from './fixtures/chicken-pack.ts';

const food = {
	composition: {
		water: 0.74,
		protein: 0.1,
		fat: 0.06,
		carbohydrate: 0.075,
		fibre: 0.01,
		ash: 0.015
	},
	freezingC: -1,
	mobility: 2,
	cookedGain: 1
};
const shape = { kind: 'brick', lengthM: 0.2, widthM: 0.15, heightM: 0.03 } as const;
const kitchen = { altitudeM: 300, roomC: 21 };
const piece = { food, shape, count: 1, startC: 4, liquidKg: 0.2, liquidC: 4 };
const known = {
	method: { appliance: 'oven', ovenC: 180, covered: true } as const,
	state: 'thawed' as const,
	startC: 12,
	minutes: { from: 40, to: 50 }
};
const convert = {
	...chickenPack,
	kitchen,
	methods: [{ appliance: 'oven', ovenC: 180, covered: true } as const]
};

/** Every function of the public face that takes numbers, with a question it answers. */
const questions: Record<string, [(asked: never) => unknown, unknown]> = {
	convertCook: [core.convertCook, { ...convert, known }],
	cookCurve: [core.cookCurve, { convert, method: convert.methods[0], state: 'thawed', setMin: 20 }],
	runSlowCooker: [
		core.runSlowCooker,
		{
			piece,
			cooker: { volumeL: 5.7, effectiveLowW: 140, lossWPerK: 1.6 },
			setting: 'low',
			kitchen,
			durationMin: 20,
			zK: 33,
			delayMin: 5,
			warmMin: 5
		}
	],
	runPressureCooker: [
		core.runPressureCooker,
		{
			piece,
			cooker: { volumeL: 5.7, powerW: 900, gaugeKPa: 72 },
			kitchen,
			holdMin: 2,
			release: 'quick',
			zK: 33
		}
	],
	runOven: [
		core.runOven,
		{ piece, kind: 'filled', covered: true, ovenC: 180, kitchen, durationMin: 10, zK: 33 }
	],
	predictCooling: [
		core.predictCooling,
		{
			food,
			shape,
			startC: 90,
			places: [
				{ place: 'counter', durationMin: 10 },
				{ place: 'ice-bath', iceKg: 2, waterKg: 2 }
			],
			roomC: 21,
			refrigeratorC: 4,
			freezerC: -18
		}
	],
	freezingTime: [core.freezingTime, { food, shape, startC: 5, freezerC: -18, untilWarmestC: -10 }],
	thawingTime: [core.thawingTime, { food, shape, startC: -18, place: 'refrigerator', placeC: 4 }],
	simulateInSurroundings: [
		core.simulateInSurroundings,
		{
			food,
			shape,
			startC: 5,
			stages: [{ durationMin: 5, ambientC: -18, surface: { side: 8, bottom: 8, top: 8 } }],
			capC: 100
		}
	],
	coolBox: [
		core.coolBox,
		{
			packs: [{ food, massKg: 2, tempC: -18 }],
			iceKg: 1,
			box: { kind: 'hard', volumeL: 25 },
			ambientC: 25,
			openingsPerDay: 1
		}
	],
	coolingWays: [
		core.coolingWays,
		{
			food,
			vessel: { kind: 'pot', diameterM: 0.24 },
			litres: 3,
			startC: 90,
			roomC: 21,
			refrigeratorC: 4,
			freezerC: -18,
			freezerTakesKg: 4,
			names: ['pot-refrigerator']
		}
	],
	staysHotMin: [core.staysHotMin, { food, massKg: 2, startC: 90, roomC: 21 }],
	storageLife: [
		core.storageLife,
		{
			parts: [{ group: 'soup-stew', state: 'cooked', share01: 1 }],
			packedOn: '2026-12-01',
			freezerC: -18,
			houseMonths: 3
		}
	],
	delayedStart: [
		core.delayedStart,
		{
			convert: { ...convert, methods: undefined },
			method: { appliance: 'slow-cooker', setting: 'low' },
			state: 'thawed',
			setMin: 60,
			delayMin: 10,
			warmMin: 10,
			dangerH: 4
		}
	],
	powerCutVerdict: [
		core.powerCutVerdict,
		{
			groups: ['ground-meat'],
			outH: 5,
			fill01: 0.5,
			doorOpened: false,
			iceCrystals: false,
			warmestC: 6,
			aboveH: 1,
			coveredH: 5,
			unfrozenH: 1,
			keepsDays: 1
		}
	],
	refreeze: [
		core.refreeze,
		{ place: 'refrigerator', outH: 20, thawedAfterH: 10, keepsDays: 1, cookedSince: false }
	],
	pullTimes: [
		core.pullTimes,
		{ place: 'refrigerator', sinceMs: 0, pliableMin: 10, thawedMin: 20, keepsDays: 1 }
	],
	stillGood: [
		core.stillGood,
		{ kind: 'rice', place: 'refrigerator', amount: 1, reheated: false, swollen: false }
	],
	judgeRun: [
		core.judgeRun,
		{ minutes: [0, 60, 120], worstC: [4, 40, 80], content: 'cooked', floorC: 74 }
	],
	choosePacks: [core.choosePacks, { need: 400, packs: [{ size: 250, priceCents: 100, max: 4 }] }],
	scheduleDay: [
		core.scheduleDay,
		{
			tasks: [{ id: 'a', durationMin: 10, uses: { hands: 1 }, ovenC: 180 }],
			capacity: { hands: 1 },
			changeoverMin: 2
		}
	]
};

/** Paths to every number in a question. */
function numbersIn(value: unknown, path: (string | number)[] = []): (string | number)[][] {
	if (typeof value === 'number') return [path];
	if (!value || typeof value !== 'object') return [];
	return Object.entries(value).flatMap(([key, inner]) => numbersIn(inner, [...path, key]));
}
function withAt(value: unknown, path: readonly (string | number)[], put: number): unknown {
	const copy = structuredClone(value) as Record<string, unknown>;
	let at = copy;
	for (const key of path.slice(0, -1)) at = at[key] as Record<string, unknown>;
	at[path[path.length - 1]] = put;
	return copy;
}

it('a number that is none is a coded error wherever it stands, in every public function', () => {
	const silent: string[] = [];
	for (const [name, [ask, question]] of Object.entries(questions)) {
		assert.doesNotThrow(() => ask(question as never), name);
		for (const path of numbersIn(question))
			for (const put of [NaN, Infinity]) {
				try {
					ask(withAt(question, path, put) as never);
					silent.push(`${name}.${path.join('.')} = ${put}`);
				} catch (error) {
					if (!(error instanceof core.CoreError))
						silent.push(`${name}.${path.join('.')} = ${put}: ${error}`);
				}
			}
	}
	assert.deepEqual(silent, []);
});

it('none of them knows what is negative where it cannot be', () => {
	const masses = /(Kg|Min|M|L|W|H|01|Days|count|need|size|amount|Cents|zK)$/;
	const taken: string[] = [];
	for (const [name, [ask, question]] of Object.entries(questions))
		for (const path of numbersIn(question)) {
			const last = String(path[path.length - 1]);
			if (!masses.test(last) || last === 'altitudeM') continue;
			try {
				ask(withAt(question, path, -1e6) as never);
				taken.push(`${name}.${path.join('.')}`);
			} catch (error) {
				if (!(error instanceof core.CoreError)) taken.push(`${name}.${path.join('.')}: ${error}`);
			}
		}
	assert.deepEqual(taken, []);
});
