import type { Shown } from '../shown.ts';

export const cookRuler = {
	whenToStartOn: 'When to start, on a ruler that ends at serving',
	now: 'now',
	wouldBeReady: (a: Shown) => `would be ready ${a}`,
	comeUp: 'come-up',
	hold: 'hold',
	release: 'release',
	inTheOven: 'in the oven',
	inTheCooker: 'in the cooker',
	tooLateForThen: 'too late for then',
	refusedByTheModel: (a: Shown) => `refused: ${a} by the model`,
	better: (a: Shown, b: Shown) => ` · better: ${a}, ${b}`
};
