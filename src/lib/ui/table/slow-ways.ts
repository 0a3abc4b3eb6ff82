import type { CookOption, Method } from '$lib/core';

export type SlowMethod = Extract<Method, { appliance: 'slow-cooker' }>;

/** The settings of a slow cooker among some ways, with the minutes each takes. */
export const slowWays = (
	options: readonly CookOption[]
): { method: SlowMethod; setMin: number }[] =>
	options.flatMap(({ method, setMin, computedMin }) => {
		const minutes = setMin ?? computedMin;
		return method.appliance === 'slow-cooker' && minutes
			? [{ method, setMin: minutes.likely }]
			: [];
	});
