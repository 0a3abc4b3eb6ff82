/**
 * The wording in force: `import * as w` from here, so that a page takes along only the stations it speaks of. A second language
 * joins beside `en` with the same names and is chosen here.
 */
export * from './en/index.ts';
