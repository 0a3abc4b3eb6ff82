import type { SourceKey } from '$lib/core/published';

/** What stands behind a number: the rule or model, what went in, and where it comes from. */
export interface WhyNote {
	title: string;
	rule: string;
	inputs: { name: string; value: string }[];
	sources: SourceKey[];
}
