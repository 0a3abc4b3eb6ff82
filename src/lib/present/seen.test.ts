import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { changedSince, seenText } from './seen.ts';

const texts = fc.dictionary(
	fc.stringMatching(/^[a-z]{1,6}$/),
	fc.string({ minLength: 1, maxLength: 60 })
);

it('says exactly the fields that differ, and of any text at all it says something or nothing', () => {
	fc.assert(
		fc.property(texts, texts, (was, is) => {
			const names = Object.keys({ ...was, ...is }).filter((name) => was[name] !== is[name]);
			const said = changedSince(seenText(was), is);
			assert.deepEqual(said.map(({ name }) => name).sort(), names.sort());
			for (const { name, is: now } of said) assert.equal(now, is[name] ?? '');
		})
	);
	fc.assert(
		fc.property(fc.oneof(fc.string(), fc.json()), (any) => Array.isArray(changedSince(any, {})))
	);
});
