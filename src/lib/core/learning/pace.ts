import { requireRange } from '../require-range.ts';

/** How an appliance of a household keeps time against what is computed for its kind. */
export interface Pace {
	/** real minutes over computed minutes, likely */
	factor: number;
	/** the same at P10 and P90 of the next cook */
	from: number;
	to: number;
	/** cooks it rests on */
	cooks: number;
}

/** A cook as one observation of its appliance. */
export interface PaceObservation {
	/** as computed, without anything learned */
	forecastMin: number;
	actualMin: number;
}

/**
 * What is believed before any cook is seen. `spread` is the usual 80 % range of the computed time of a kind of appliance, as a
 * logarithm (0.32: ±38 %).
 */
export interface PacePrior {
	spread: number;
}

/** P90 of a normal distribution. */
const z90 = 1.2816;
/**
 * So many logs are wrong: the clock read too late, another pack, a slip of the pen. Such a log says next to nothing. In one household they
 * are one in twenty, in another one in four: how many is estimated too (judgement).
 */
const wrongs = [
	{ share: 0.05, believed01: 0.2 },
	{ share: 0.12, believed01: 0.5 },
	{ share: 0.25, believed01: 0.3 }
] as const;
const wrongSpread = 0.8;
/** What it changes from cook to cook, as a logarithm: most hardly do, an ageing element or a new habit does (judgement). */
const drifts = [-0.04, -0.03, -0.02, -0.01, 0, 0.01, 0.02, 0.03, 0.04];
const steady01 = 0.5;
const driftSpread = 0.025;
/** A cook counts so much less than the next newer one: an appliance is as it was lately (judgement). */
const fades = 0.97;
/** How likely it is that an appliance is as its kind (judgement). */
const usual01 = 0.3;
/** What an appliance as its kind may still be off by, as a logarithm. */
const usualSpread = 0.02;
/** Cook to cook: the middle of what is believed of the scatter, and how well that is known (judgement: 10 to 22 % in most kitchens). */
const scatter = { middle: 0.16, logSpread: 0.5 };

/** So much of the standard deviation the factor is held back towards the usual: a few odd cooks never make it much worse (judgement). */
const held = 0.3;
/** From so many cooks on a pace is offered. */
export const enoughCooks = 4;

const thetas = Array.from({ length: 71 }, (_, i) => (i - 35) / 50);
const sigmas = [0.06, 0.08, 0.11, 0.15, 0.19, 0.24, 0.3, 0.38, 0.48];

const density = (x: number, spread: number) => Math.exp(-0.5 * (x / spread) ** 2) / spread;

/** The drifts that are some, by how likely they are. */
const driftsSum = drifts.reduce((sum, d) => sum + (d === 0 ? 0 : density(d, driftSpread)), 0);

/** The same cells together, and those left out that hardly count. */
function summedBy(
	cells: readonly { theta: number; sigma: number; log: number }[]
): { theta: number; sigma: number; share: number }[] {
	const most = cells.reduce((max, { log }) => Math.max(max, log), -Infinity);
	const together = new Map<number, { theta: number; sigma: number; share: number }>();
	for (const { theta, sigma, log } of cells) {
		const share = Math.exp(log - most);
		if (share < 1e-7) continue;
		const key = Math.round(theta * 100) * 1000 + Math.round(sigma * 100);
		const there = together.get(key);
		if (there) there.share += share;
		else together.set(key, { theta, sigma, share });
	}
	return [...together.values()];
}

/** Share of a normal distribution below x (Abramowitz and Stegun 26.2.17, error under 1e-7). */
function below(x: number): number {
	const t = 1 / (1 + 0.2316419 * Math.abs(x));
	const tail =
		(Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI)) *
		t *
		(0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
	return x > 0 ? 1 - tail : tail;
}

/**
 * What logged cooks, the oldest first, say of an appliance: its pace is either that of its kind or some other, and stays or drifts from cook
 * to cook; each cook is the pace times a scatter. Scatter, drift and the share of wrong logs are estimated with it; older cooks count less.
 * The posterior is summed on a grid. Null without cooks. Throws a coded error for minutes that are none.
 *
 * Source: Bayes' rule with a two-part prior and a contaminated normal likelihood, as in general textbooks (Gelman and others,
 * Bayesian Data Analysis, chapters 3 and 17).
 */
export function paceOf(cooks: readonly PaceObservation[], prior: PacePrior): Pace | null {
	if (cooks.length === 0) return null;
	const logs = cooks.map(({ forecastMin, actualMin }) =>
		Math.log(
			requireRange('actualMin', actualMin, 0.01, 5000) /
				requireRange('forecastMin', forecastMin, 0.01, 5000)
		)
	);
	const slips = logs.map((x) => density(x, wrongSpread));
	const own = Math.sqrt(Math.max(0.05 ** 2, (prior.spread / z90) ** 2 - scatter.middle ** 2));
	const last = logs.length - 1;
	const counts = logs.map((_, i) => fades ** (last - i));
	/** logarithms of what is believed of the next cook: its pace, by hundredths, and its scatter */
	const cells: { theta: number; sigma: number; log: number }[] = [];
	for (const sigma of sigmas) {
		const ofSigma = -0.5 * (Math.log(sigma / scatter.middle) / scatter.logSpread) ** 2;
		for (const drift of drifts) {
			const ofDrift =
				drift === 0
					? Math.log(steady01)
					: Math.log(((1 - steady01) * density(drift, driftSpread)) / driftsSum);
			for (const theta of thetas) {
				// it was as its kind, or as it is, when the first of these was cooked
				const first = theta - drift * last;
				const ofTheta = usual01 * density(first, usualSpread) + (1 - usual01) * density(first, own);
				const right = logs.map((x, i) => density(x - theta + drift * (last - i), sigma));
				let all = 0;
				for (const { share, believed01 } of wrongs) {
					let log = 0;
					for (let i = 0; i <= last; i++)
						log += counts[i] * Math.log((1 - share) * right[i] + share * slips[i]);
					all += believed01 * Math.exp(log);
				}
				// the next cook is one step further on
				if (all > 0)
					cells.push({
						theta: theta + drift,
						sigma,
						log: ofSigma + ofDrift + Math.log(ofTheta + 1e-300) + Math.log(all)
					});
			}
		}
	}
	const believed = summedBy(cells);
	const all = believed.reduce((sum, { share }) => sum + share, 0);
	const mean = believed.reduce((sum, { theta, share }) => sum + theta * share, 0) / all;
	/** below which so much of what the next cook may take lies */
	const quantile = (p: number) => {
		let [low, high] = [-2, 2];
		for (let i = 0; i < 24; i++) {
			const x = (low + high) / 2;
			const share = believed.reduce((sum, b) => sum + b.share * below((x - b.theta) / b.sigma), 0);
			if (share / all < p) low = x;
			else high = x;
		}
		return Math.exp((low + high) / 2);
	};
	const variance =
		believed.reduce((sum, { theta, share }) => sum + (theta - mean) ** 2 * share, 0) / all;
	const used = Math.sign(mean) * Math.max(0, Math.abs(mean) - held * Math.sqrt(variance));
	return { factor: Math.exp(used), from: quantile(0.1), to: quantile(0.9), cooks: logs.length };
}
