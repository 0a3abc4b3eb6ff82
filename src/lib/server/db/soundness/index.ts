export { checkRows } from './check-rows.ts';
export { ensureCounted } from './row-counts.ts';
export { forgetLastSeen, keepLastSeen } from './last-seen.ts';
export { mendIndexes } from './mend-indexes.ts';
export { mustBeSound, soundAtStart } from './sound.ts';
export { DatabaseBehind, DatabaseUnsound } from './unsound.ts';
