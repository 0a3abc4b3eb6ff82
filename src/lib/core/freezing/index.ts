/** What others take from here; files beside it are its own. */
export { packCurves, type PackCurve } from './pack-curves.ts';
export { thawingRange } from './thawing-range.ts';
