import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { packCode, readPackCode } from './pack-code.ts';

it('the first hundred thousand codes are all different, short, and without look-alikes', () => {
	const seen = new Set<string>();
	for (let serial = 0; serial < 100_000; serial++) seen.add(packCode(serial));
	assert.equal(seen.size, 100_000);
	for (const code of seen) assert.match(code, /^[34679ACDEFGHJKMNPQRTWXY]{5}$/);
});

it('a code is read back however it is typed (property)', () => {
	fc.assert(
		fc.property(fc.integer({ min: 0, max: 5_000_000 }), (serial) => {
			const code = packCode(serial);
			assert.equal(readPackCode(` ${code.slice(0, 2)}-${code.slice(2).toLowerCase()} `), code);
		})
	);
});

it('one wrong mark or two swapped neighbours are noticed (property)', () => {
	const marks = '34679ACDEFGHJKMNPQRTWXY';
	fc.assert(
		fc.property(fc.nat(279_840), fc.nat(4), fc.nat(22), fc.nat(3), (serial, at, other, swap) => {
			const code = packCode(serial);
			if (code[at] !== marks[other])
				assert.equal(readPackCode(code.slice(0, at) + marks[other] + code.slice(at + 1)), null);
			if (code[swap] !== code[swap + 1])
				assert.equal(
					readPackCode(code.slice(0, swap) + code[swap + 1] + code[swap] + code.slice(swap + 2)),
					null
				);
		})
	);
});

it('what cannot be a code is none', () => {
	for (const typed of ['', '7K', 'O0I1L', 'ABCDEFGHJKMN', 'säge3'])
		assert.equal(readPackCode(typed), null);
});
