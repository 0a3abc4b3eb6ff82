import type * as Face from './core-face.d.ts';
import * as core from './index.ts';

/** Holds the public face and the core together: this file compiles only while every name has its agreed shape. */
export const face: typeof Face = core;
