/**
 * The server's clock, epoch ms. For trying the application out, `ALMACEN_TIME_LAPSE` lets its time run so many times faster, from
 * the moment `ALMACEN_TIME_FROM` (epoch ms) on, so that a restart does not turn the clock back.
 */
const lapse = Number(process.env.ALMACEN_TIME_LAPSE) || 1;
const fromMs = Number(process.env.ALMACEN_TIME_FROM) || Date.now();

export const timeLapse = Math.min(10_000, Math.max(1, lapse));

export const nowMs = (): number =>
	timeLapse === 1 ? Date.now() : Math.round(fromMs + (Date.now() - fromMs) * timeLapse);
