export * from './household.ts';
export * from './dishes.ts';
export * from './cooling.ts';
export * from './packs.ts';
export * from './cooks.ts';
export * from './menu.ts';
export * from './undo.ts';
