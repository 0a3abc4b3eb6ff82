import { performance } from 'node:perf_hooks';

/** Median of some runs, ms, after two to warm up. */
export function medianMs(job: () => unknown, runs = 5): number {
	job();
	job();
	const times = Array.from({ length: runs }, () => {
		const from = performance.now();
		job();
		return performance.now() - from;
	});
	return times.sort((a, b) => a - b)[runs >> 1];
}

export const line = (name: string, ...values: string[]) =>
	console.log(name.padEnd(46), values.map((value) => value.padStart(14)).join(' '));
export const ms = (value: number) => `${value.toFixed(value < 10 ? 2 : 1)} ms`;
