import { CoreError } from './errors.ts';

/** Returns `value` when it is a finite number within [min, max]; throws a coded error that names it otherwise. */
export function requireRange(name: string, value: number, min: number, max: number): number {
	if (!Number.isFinite(value)) throw new CoreError('not-a-number', { name, value: String(value) });
	if (value < min) throw new CoreError('below-range', { name, value, min });
	if (value > max) throw new CoreError('above-range', { name, value, max });
	return value;
}
