import { footprintM2 } from '../../heat/shape.ts';
import type { DishKind } from '../../published/dish-kinds.ts';
import { plainAppliance, type Appliance } from '../appliance.ts';
import { airBodyWith } from '../run/begin.ts';
import { tooMuch } from '../run/fit.ts';
import { halfRange, insideUnknowns } from '../run/unknowns.ts';

export interface Grilling {
	appliance: 'grill';
}

/** Direct heat, no lid: over a turn each face sees glow and hot metal half of the time, air the other half (judgement). */
const glowsC = 230;
const surface = { side: 20, top: 45, bottom: 45 } as const;
/** It is hot after so long, minutes (common practice, no source); its grate, m². */
const hotMin = 10;
const grateM2 = 0.12;
/** What is thicker burns outside before it is done inside: caution, and no way, metres. Judgement. */
const thickM = { caution: 0.03, refused: 0.045 } as const;
/** Pieces that hold together on a grate. */
const grills: ReadonlySet<DishKind> = new Set<DishKind>(['lean-pieces', 'fish', 'hard-vegetables']);

export const grill: Appliance<Grilling> = {
	...plainAppliance,
	name: 'grill',
	family: () => 'dry',
	same: () => true,
	hotter01: () => 0,
	usual: ({ kind, inPan }) => (inPan || !grills.has(kind) ? [] : [{ appliance: 'grill' }]),
	never: ({ kind, pan }) => (pan || !grills.has(kind) ? 'not-for-this-food' : null),
	lies: () => ({ dish: 'tray' }),
	needsL: () => null,
	room({ question, piece }, _volumeL, add) {
		const used01 = ((piece?.count ?? 1) * footprintM2(piece?.shape ?? question.block)) / grateM2;
		tooMuch(question, used01, add);
		return { fill01: used01, blockFits: null };
	},
	start(scenario, u, effort, tables) {
		// nobody measures a grill: its heat is known half as well as an oven's
		const ambientC = glowsC - 2 * halfRange.ovenK * u.ovenTemperature;
		return airBodyWith({ scenario, u, effort, tables }, { ambientC, surface });
	},
	unknowns: ({ piece }) => [
		'ovenTemperature',
		...insideUnknowns(piece === null),
		'startTemperature'
	],
	longestMin: 2 * 60,
	preheatMin: () => hotMin,
	cooksOn: true,
	judge({ thicknessM, scenario: { state } }, add) {
		add('good', 'turn-once');
		if (thicknessM > thickM.refused)
			add('refused', 'one-layer', { thicknessM, limitM: thickM.caution });
		else if (thicknessM > thickM.caution || state === 'frozen')
			add('caution', 'one-layer', { thicknessM, limitM: thickM.caution });
	},
	hands: { min: 3, share: 0.6 },
	paceSpread: 0.3,
	addsLate: 'after-opening',
	place: 'none'
};
