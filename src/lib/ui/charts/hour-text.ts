import * as w from '$lib/present/wording';

/** Hours along an axis, read off to a tenth. */
export const hourText = (h: number): string => w.packChart.hours({ h: Math.round(h * 10) / 10 });
