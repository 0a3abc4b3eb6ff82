import assert from 'node:assert/strict';
import { it } from 'node:test';
import { stew } from '../fixtures/stew.ts';
import { staysHotMin } from './stays-hot.ts';

const hot = (massKg: number, startC: number, roomC = 21) =>
	staysHotMin({ food: stew, massKg, startC, roomC });

it('a covered pot of two litres stays hot for about an hour, a portion for a quarter of one (common practice, no source)', () => {
	assert.ok(hot(2, 95) > 60 && hot(2, 95) < 180, `${hot(2, 95)}`);
	assert.ok(hot(0.4, 80) > 10 && hot(0.4, 80) < 60, `${hot(0.4, 80)}`);
});

it('more, hotter and in a warmer room stays hot longer; what is not hot is not kept', () => {
	assert.ok(hot(3, 95) > hot(1, 95) && hot(1, 95) > hot(1, 75));
	assert.ok(hot(1, 90, 30) > hot(1, 90, 15));
	assert.equal(hot(1, 55), 0);
});
