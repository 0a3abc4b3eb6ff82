import type { Shown } from '../shown.ts';

export const undoLines = {
	whatCanBeTaken: 'What can be taken back',
	undo: 'Undo',
	dismiss: (a: Shown) => `Dismiss: ${a}`
};
