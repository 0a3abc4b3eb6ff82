/** A refrigerator's top, an upright one with drawers, a chest. */
export const freezerKinds = ['refrigerator-top', 'upright', 'chest'] as const;
export type FreezerKind = (typeof freezerKinds)[number];
