/** A word as it is looked for anywhere in a text: percent signs and underscores are only themselves. */
export const likeText = (word: string) => `%${word.replace(/[\\%_]/g, (mark) => `\\${mark}`)}%`;
