/** What others take from here; files beside it are its own. */
export { Body, facesIn } from './body.ts';
export type { Fineness } from './grid.ts';
export { thicknessM, volumeM3 } from './shape.ts';
export { thermalTable } from './thermal-table.ts';
