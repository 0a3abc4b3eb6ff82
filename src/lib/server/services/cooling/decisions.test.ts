import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import { coolingView } from '../../../core/cooling/index.ts';
import { defaultCompositions } from '../../../core/foods/index.ts';
import { predictCooling, type CoolingInput } from '../../../core/index.ts';
import { limitsFrom } from '../../../core/rules/index.ts';
import type { Db } from '../../db/db.ts';
import { getCooling, type CoolingRun } from '../../queries/cooling.ts';
import { addCooling, addReading } from '../../writes/cooling.ts';
import { coolingHelps, isDiscarded, moveRun } from './decisions.ts';
import { forecastFrom } from './start-cooling.ts';
import { inlineCompute, openTestDb, type TestClient } from '../../testing/index.ts';

const compute = inlineCompute;
const minute = 60_000;

/** A dish 4 cm deep in the refrigerator; below 57 °C it has four hours, from the boil two and six. */
function run(startC: number, readings: [minute: number, tempC: number][] = []): CoolingRun {
	const input: CoolingInput = {
		food: { composition: defaultCompositions['meat-in-sauce'], mobility: 1 },
		shape: { kind: 'brick', lengthM: 0.35, widthM: 0.25, heightM: 0.04 },
		startC,
		places: [{ place: 'refrigerator' }]
	};
	return {
		id: 1,
		dishId: null,
		dayId: null,
		name: 'stew',
		vessel: 'dish',
		place: 'refrigerator',
		volumeL: 3.5,
		depthM: 0.04,
		input,
		forecast: forecastFrom(predictCooling(input)),
		startedAtMs: 0,
		endedAtMs: null,
		probe: null,
		reheatOfId: null,
		decisions: [],
		readings: readings.map(([m, tempC], id) => ({
			id,
			runId: 1,
			atMs: m * minute,
			tempC,
			source: 'hand',
			removed: false
		}))
	};
}
const namesAt = async (of: CoolingRun, atMin: number, limits = limitsFrom({})) =>
	(await coolingHelps(compute, of, atMin * minute, limits)).map(({ name }) => name);

it('what still helps is in time for the rule the food is under: four hours for what was made at room temperature', async () => {
	const fromRoom = (of: ReturnType<typeof run>) => ({
		...of,
		forecast: { ...of.forecast, rule: 'four-hours' as const }
	});
	const at = (min: number) => namesAt(fromRoom(run(50, [[min, 26]])), min);
	// from 26 °C ice takes 145 minutes at the unfavourable end, the refrigerator eleven hours
	assert.deepEqual(await at(80), ['pot-tap-then-ice', 'pot-ice-bath', 'cut-portions-freezer']);
	assert.deepEqual(
		await at(120),
		['cut-portions-freezer'],
		'two hours are left of four, as many as ice would need of six'
	);
});
it('a household that has tightened its limits is shown less', async () => {
	const hot = run(92, [[20, 80]]);
	const usual = await namesAt(hot, 21);
	const tight = await namesAt(hot, 21, limitsFrom({ firstGateMin: 60, secondGateMin: 180 }));
	assert.ok(usual.length > 0 && tight.every((name) => usual.includes(name)));
	assert.ok(tight.length <= usual.length);
});
it('food is discarded by decision, or by the rule as it was measured when the run ended; not by a forecast', () => {
	const limits = limitsFrom({});
	const missed = run(92, [
		[60, 57],
		[200, 40]
	]);
	assert.equal(isDiscarded({ ...missed, endedAtMs: 210 * minute }, limits), true);
	assert.equal(isDiscarded({ ...run(92), endedAtMs: 210 * minute }, limits), false);
	const decision = { atMs: 0, code: 'discarded', tempC: 30 } as const;
	assert.equal(isDiscarded({ ...run(92), decisions: [decision] }, limits), true);
});

describe('moved, on a real database', () => {
	let db: Db;
	let client: TestClient;
	before(async () => ({ db, client } = await openTestDb()));
	after(() => client.close());

	it('into ice: the same clock goes on, the forecast from then on is the ice’s', async () => {
		const { id: _, readings: __, ...values } = run(92);
		const id = await addCooling(db, values);
		await addReading(db, { runId: id, atMs: 40 * minute, tempC: 70 });
		const before = (await getCooling(db, id))!;
		const limits = limitsFrom({});
		const nowMs = 41 * minute;
		await moveRun(db, compute, before, { way: 'pot-ice-bath', nowMs, limits });
		const moved = (await getCooling(db, id))!;
		const [was, is] = [before, moved].map((of) => coolingView(of, nowMs, limits));
		assert.equal(moved.place, 'ice-bath');
		assert.equal(moved.startedAtMs, before.startedAtMs);
		assert.equal(moved.decisions.at(-1)?.code, 'moved');
		assert.ok(Math.abs(is.nowC - was.nowC) < 1, 'it does not jump as it is moved');
		assert.ok(Math.abs(is.clockStartMin - was.clockStartMin) < 5);
		assert.ok((is.to5Min ?? Infinity) < (was.to5Min ?? Infinity) / 2);
	});
});
