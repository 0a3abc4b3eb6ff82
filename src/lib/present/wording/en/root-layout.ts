import type { Shown } from '../shown.ts';

export const rootLayout = {
	skipToTheWork: 'Skip to the work',
	opening: 'Opening…',
	noConnection:
		'No connection to the household’s computer. What is tapped here is kept and sent later.',
	lapse: (times: Shown) => `Trying out: time runs ${times} times faster.`
};
