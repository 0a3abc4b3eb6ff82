export const keysButton = {
	keys: 'Keys'
};
