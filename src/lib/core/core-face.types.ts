import type * as Face from './core-face.d.ts';
import * as core from './index.ts';

/** Holds the public face and the core together: this file compiles only while every name has its agreed shape. */
type Later = 'choosePacks' | 'scheduleDay';
export const face: Omit<typeof Face, Later> = core;
