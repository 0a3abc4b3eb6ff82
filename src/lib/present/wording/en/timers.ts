import type { Shown } from '../shown.ts';

export const timers = {
	title: 'Not computed, by the timer',
	source: 'Common practice, no source: measure the middle, it must be hot throughout.',
	hob: (mass: Shown, time: Shown) =>
		`Hob, ${mass} softened until it bends: lid on, a splash of water, stirred, ${time}, until it boils throughout.`,
	microwave: (mass: Shown, time: Shown) =>
		`Microwave, one portion of ${mass}: covered, ${time} in all, stirred twice, two minutes’ standing.`,
	waterBath: (mass: Shown, time: Shown) =>
		`Water just under the boil, ${mass} sealed and thawed: ${time}.`
};
