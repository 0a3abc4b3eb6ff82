/** Longest ingredient line that is read, characters; a longer one is no line of a recipe. */
export const longestLine = 300;
/** Most ingredient lines of one dish. */
export const mostLines = 80;
/** Longest paste taken for one dish, characters. */
export const longestPaste = 20_000;
