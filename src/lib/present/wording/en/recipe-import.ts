import type { Shown } from '../shown.ts';

export const recipeImport = {
	pageTitle: 'Read recipes in · Almacen',
	title: 'Read recipes in',
	how: 'Paste a recipe’s text, a page’s HTML, or choose files (.json with schema.org recipes, .html, .txt). Kind, state and instruction are guessed; correct them on the dish.',
	paste: 'Paste here',
	files: 'or choose files',
	read: 'Read them in',
	reading: (done: Shown, all: Shown) => `${done} of ${all} recipes`,
	done: (n: Shown) => (n === 1 ? 'One dish is on the menu.' : `${n} dishes are on the menu.`),
	report: 'What was not understood',
	clean: 'Every line was understood.',
	unread: (dish: Shown, lines: Shown) => `${dish}: kept as text: ${lines}`,
	noServings: (dish: Shown) => `${dish}: says no number of servings; four were taken.`,
	tookTooLong:
		'It took too long to read and was given up. Copy the text of the recipe alone, without the page around it, and paste that.',
	nothing: 'Paste something, or choose a file.',
	failed: 'The server did not take it. Try again; what was pasted is still here.',
	guessed: (kind: Shown, state: Shown) => `${kind}, ${state}`
};
