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
/** One log in ten is taken for wrong: the clock read too late, another pack, a slip of the pen. It says next to nothing. */
const wrong01 = 0.1;
const wrongSpread = 0.8;
/** How likely it is that an appliance is as its kind (judgement). */
const usual01 = 0.3;
/** What an appliance as its kind may still be off by, as a logarithm. */
const usualSpread = 0.02;
/** Cook to cook: the middle of what is believed of the scatter, and how well that is known (judgement: 10 to 22 % in most kitchens). */
const scatter = { middle: 0.15, logSpread: 0.35 };

/** So much of the standard deviation the factor is held back towards the usual: a few odd cooks never make it much worse (judgement). */
const held = 0.35;
/** From so many cooks on a pace is offered. */
export const enoughCooks = 4;

const thetas = Array.from({ length: 141 }, (_, i) => (i - 70) / 100);
const sigmas = [0.06, 0.08, 0.1, 0.12, 0.15, 0.18, 0.22, 0.27, 0.33, 0.4];

const density = (x: number, spread: number) => Math.exp(-0.5 * (x / spread) ** 2) / spread;

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
 * What logged cooks say of an appliance: its pace is either that of its kind or some other, each cook is the pace times a scatter
 * that is estimated with it, and a wrong log in ten is expected. The posterior is summed on a grid. Null without cooks. Throws a coded
 * error for minutes that are none.
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
	const own = Math.sqrt(Math.max(0.05 ** 2, (prior.spread / z90) ** 2 - scatter.middle ** 2));
	const weights: { theta: number; sigma: number; log: number }[] = [];
	for (const sigma of sigmas) {
		const ofSigma = -0.5 * (Math.log(sigma / scatter.middle) / scatter.logSpread) ** 2;
		for (const theta of thetas) {
			const ofTheta = usual01 * density(theta, usualSpread) + (1 - usual01) * density(theta, own);
			let log = ofSigma + Math.log(ofTheta + 1e-300);
			for (const x of logs)
				log += Math.log(
					(1 - wrong01) * density(x - theta, sigma) + wrong01 * density(x - theta, wrongSpread)
				);
			weights.push({ theta, sigma, log });
		}
	}
	const most = Math.max(...weights.map(({ log }) => log));
	const believed = weights
		.map(({ theta, sigma, log }) => ({ theta, sigma, share: Math.exp(log - most) }))
		.filter(({ share }) => share > 1e-6);
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
