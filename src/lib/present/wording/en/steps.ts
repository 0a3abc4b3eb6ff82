import type { Shown } from '../shown.ts';

export const steps = {
	title: 'Steps',
	how: (hands: Shown, all: Shown) =>
		`About ${hands} of hands’ work, ${all} in a row. Proposed from lines and method (judgement); correct what you know better.`,
	none: 'Nothing to do was found in its lines and method. Write the method as sentences.',
	text: 'work',
	minutes: 'min',
	hands: 'hands',
	place: 'at',
	after: 'after steps',
	of: (what: Shown, step: Shown) => `${what}: ${step}`,
	remove: (step: Shown) => `Take out: ${step}`,
	add: 'Another step',
	newStep: 'new step',
	keep: 'Keep these steps',
	anew: 'Propose them anew',
	bad: 'Every step needs words and minutes. Nothing was changed.',
	places: {
		board: 'board',
		burner: 'burner',
		oven: 'oven',
		'pressure-cooker': 'pressure cooker',
		'slow-cooker': 'slow cooker',
		microwave: 'microwave',
		bowl: 'bowl',
		sink: 'sink',
		none: 'anywhere'
	}
};
