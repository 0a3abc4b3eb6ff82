import type { Shown } from '../shown.ts';

export const slab = {
	thick: (a: Shown) => `${a} thick`
};
