import { readFileSync } from 'node:fs';

/**
 * The server's clock, epoch ms. For trying the application out: `ALMACEN_TIME_LAPSE` lets its time run so many times faster, from the
 * moment `ALMACEN_TIME_FROM` (epoch ms) on, so that a restart does not turn the clock back; `ALMACEN_SHIFT_FILE` names a file with the
 * milliseconds it is put forward by, read whenever it is looked at, so that an evening can be gone through in a minute.
 */
const lapse = Number(process.env.ALMACEN_TIME_LAPSE) || 1;
const fromMs = Number(process.env.ALMACEN_TIME_FROM) || Date.now();
const shiftFile = process.env.ALMACEN_SHIFT_FILE;

export const timeLapse = Math.min(10_000, Math.max(1, lapse));

const shiftMs = (): number => (shiftFile ? Number(readFileSync(shiftFile, 'utf8')) : 0);

export const nowMs = (): number => {
	const real = Date.now();
	const lapsed = timeLapse === 1 ? real : Math.round(fromMs + (real - fromMs) * timeLapse);
	return lapsed + shiftMs();
};
