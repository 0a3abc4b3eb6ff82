/** What was tried, how often, and what came of it: a line of docs/reliability.md. */
export interface Row {
	tried: string;
	times: string;
	survived: string;
	lost: string;
}
