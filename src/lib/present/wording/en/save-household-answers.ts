import type { Shown } from '../shown.ts';

export const saveHouseholdAnswers = {
	bowllengthm: (a: Shown) => `${a}BowlLengthM`,
	bowldepthm: (a: Shown) => `${a}BowlDepthM`,
	bowlkind: (a: Shown) => `${a}BowlKind`,
	bowlwidthm: (a: Shown) => `${a}BowlWidthM`
};
