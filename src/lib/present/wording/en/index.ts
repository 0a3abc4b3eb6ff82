/** Everything the screens, forms, answers and labels say, in English, by station. */
export * from './shell.ts';
export * from './menu.ts';
export * from './day.ts';
export * from './day-bar.ts';
export * from './shop.ts';
export * from './prep.ts';
export * from './run-sheet.ts';
export * from './cooked-note.ts';
export * from './cool.ts';
export * from './pack.ts';
export * from './labels.ts';
export * from './freezer.ts';
export * from './freezer-care.ts';
export * from './table.ts';
export * from './household.ts';
export * from './start.ts';
export * from './fields.ts';
