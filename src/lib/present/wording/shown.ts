/** What a message shows between its words: already in the household's units. */
export type Shown = string | number | null | undefined;
