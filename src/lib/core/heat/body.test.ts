import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { defaultCompositions } from '../foods/default-compositions.ts';
import { brick } from '../fixtures/heat-cases.ts';
import { dishKindNames } from '../published/dish-kinds.ts';
import { Body, facesIn } from './body.ts';
import { extremesC } from './extremes.ts';
import { thermalTable } from './thermal-table.ts';

// second law: heat flows from warm to cold, however long a step is; first law: what flowed in is there
it('a step of any length carries no cell past everything around it, and loses no heat (property)', () => {
	const mm = fc.double({ min: 0.004, max: 0.06, noNaN: true });
	const temp = fc.double({ min: -40, max: 120, noNaN: true });
	fc.assert(
		fc.property(
			fc.constantFrom(...dishKindNames),
			fc.tuple(mm, mm, mm),
			temp,
			temp,
			fc.double({ min: 5, max: 2000, noNaN: true }),
			fc.double({ min: 1, max: 300, noNaN: true }),
			(kind, edges, startC, ambientC, h, dtS) => {
				const table = thermalTable({ composition: defaultCompositions[kind] });
				const body = new Body(brick(edges), table, startC, 'coarse');
				const faces = facesIn({ side: h, bottom: h, top: h }, ambientC);
				const [low, high] = [Math.min(startC, ambientC), Math.max(startC, ambientC)];
				let heatJ = body.totalJ();
				for (let i = 0; i < 12; i++) {
					heatJ += body.step(dtS, faces);
					const { coldestC, warmestC } = extremesC(body);
					assert.ok(coldestC >= low - 1 && warmestC <= high + 1, `${coldestC} ${warmestC}`);
				}
				assert.ok(Math.abs(heatJ - body.totalJ()) <= 1e-9 * Math.abs(heatJ) + 1e-3);
			}
		),
		{ numRuns: 300 }
	);
});
