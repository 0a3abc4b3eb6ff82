import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { pbmFromRgba } from './pbm.ts';

it('a picture is written as the format says: P4, sizes, rows padded to bytes, 1 for black (property)', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 1, max: 20 }),
			fc.integer({ min: 1, max: 12 }),
			fc.infiniteStream(fc.boolean()),
			(width, height, dots) => {
				const black = Array.from({ length: width * height }, () => dots.next().value as boolean);
				const rgba = black.flatMap((dot) => (dot ? [10, 20, 30, 255] : [250, 240, 255, 255]));
				const pbm = pbmFromRgba(rgba, width, height);
				const head = `P4\n${width} ${height}\n`;
				assert.equal(new TextDecoder('latin1').decode(pbm.slice(0, head.length)), head);
				const row = Math.ceil(width / 8);
				assert.equal(pbm.length, head.length + row * height);
				for (let y = 0; y < height; y++)
					for (let x = 0; x < row * 8; x++) {
						const bit = (pbm[head.length + y * row + (x >> 3)] >> (7 - (x % 8))) & 1;
						assert.equal(bit === 1, x < width && black[y * width + x]);
					}
			}
		)
	);
	// nothing there is paper, not black
	assert.equal(pbmFromRgba([0, 0, 0, 0], 1, 1).at(-1), 0);
});
