/** A word as it is looked for anywhere in a text: percent signs and underscores are only themselves, a character that no text can hold is none. */
export const likeText = (word: string) =>
	`%${word.replaceAll('\0', '').replace(/[\\%_]/g, (mark) => `\\${mark}`)}%`;
