import { en } from './en/index.ts';

/** A language is an object of this shape. */
export type Wording = typeof en;

/** The wording in force. A second language joins beside `en` and is chosen here. */
export const w: Wording = en;
