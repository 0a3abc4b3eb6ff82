export const rootLayout = {
	skipToTheWork: 'Skip to the work',
	opening: 'Opening…'
};
