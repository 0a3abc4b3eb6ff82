/** Data folders made once before the journeys; each journey works on a copy of its own. */
export const templates = {
	demo: 'test-results/templates/demo',
	settled: 'test-results/templates/settled'
} as const;
