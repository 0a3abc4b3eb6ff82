import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import Papa from 'papaparse';
import { csvText, readCsv } from './csv.ts';

it('no cell begins as a formula does (OWASP, CSV injection), and every text reads back as it was', () => {
	const cell = fc.oneof(
		fc.string({ unit: 'grapheme' }),
		fc
			.tuple(fc.constantFrom("'", "''", '=', '+', '-', '@', '\t', '\r', "'="), fc.string())
			.map(([a, b]) => a + b)
	);
	fc.assert(
		fc.property(fc.array(cell, { minLength: 1, maxLength: 5 }), (cells) => {
			const text = csvText(cells.map((name, i) => ({ n: i, name })));
			const raw = Papa.parse<string[]>(text).data.flat();
			assert.ok(raw.every((value) => !/^[=+\-@\t\r]/.test(value)));
			const { rows } = readCsv(text, (head) => head);
			assert.deepEqual(
				rows.map(({ name }) => name),
				cells
			);
		}),
		{ numRuns: 500 }
	);
});
