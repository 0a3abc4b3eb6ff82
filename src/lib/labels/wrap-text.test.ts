import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { shortened, wrapText } from './wrap-text.ts';

/** A face in which letters differ in width, as in print. */
const width = (text: string) =>
	[...text].reduce((sum, mark) => sum + (/[il .]/.test(mark) ? 1 : /[mw]/i.test(mark) ? 3 : 2), 0);
const words = fc.array(fc.stringMatching(/^[a-zA-Z]{1,30}$/), { maxLength: 20 });

it('no line is wider than asked, and nothing of the text is lost or turned round (property)', () => {
	fc.assert(
		fc.property(words, fc.integer({ min: 6, max: 60 }), (all, most) => {
			const lines = wrapText(all.join(' '), most, width);
			for (const line of lines) assert.ok(width(line) <= most, line);
			// a word that is broken goes on with a hyphen
			assert.equal(lines.join('').replaceAll(/[ -]/g, ''), all.join(''));
			// a word that would have gone onto the line before is not on the next
			for (let i = 1; i < lines.length; i++) {
				const [next] = lines[i].split(' ');
				assert.ok(width(`${lines[i - 1]} ${next}`) > most);
			}
		})
	);
});

it('what is cut says so and fits (property)', () => {
	fc.assert(
		fc.property(words, fc.integer({ min: 4, max: 60 }), (all, most) => {
			const text = all.join(' ');
			const cut = shortened(text, most, width);
			assert.ok(width(cut) <= Math.max(most, width('…')));
			if (cut !== text) assert.ok(cut.endsWith('…') && text.startsWith(cut.slice(0, -1)));
		})
	);
});
