/**
 * Minutes a recipe can give for an appliance: what is outside is no such recipe, most often an hour taken for a minute. Common
 * practice, no source.
 */
export const possibleMin = {
	'slow-cooker': { least: 30, most: 16 * 60 },
	'pressure-cooker': { least: 0, most: 180 },
	oven: { least: 3, most: 12 * 60 }
} as const;

/** A slow cooker's "8 to 10" is hours: a bare number up to this is. Common practice, no source. */
export const mostBareHours = 16;
