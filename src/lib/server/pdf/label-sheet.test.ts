import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { it } from 'node:test';
import jsQR from 'jsqr';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { PNG } from 'pngjs';
import { packCode } from '../../core/packing/index.ts';
import { labelPapers } from '../../core/published/index.ts';
import { blankLabel, type LabelContent } from '../../labels/label-content.ts';
import { labelLayout } from '../../labels/label-layout.ts';
import { sheetPositions } from '../../labels/sheet-positions.ts';
import { measureWith, newPdf, ptPerMm } from './draw.ts';
import { listPdf } from './contents-list.ts';
import { cookDayCardPdf } from './cook-day-card.ts';
import type { FontBytes } from './fonts.ts';
import { labelSheetPdf, labelWarnings } from './label-sheet.ts';

const require = createRequire(import.meta.url);
const face = (path: string) => readFileSync(require.resolve(`@expo-google-fonts/${path}`));
const fonts: FontBytes = {
	regular: face('atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
	bold: face('atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
	fallbackRegular: face('noto-sans/400Regular/NotoSans_400Regular.ttf'),
	fallbackBold: face('noto-sans/700Bold/NotoSans_700Bold.ttf')
};
const label = (code: string, change: Partial<LabelContent> = {}): LabelContent => ({
	...blankLabel(code),
	name: 'Hähnchen, Κοτόπουλο и курица, 1⅓ l',
	bestBy: 'best by 24 Jul 2027',
	contents: 'raw · 4 servings · 950 g · 1 of 2',
	raw: 'RAW',
	packed: 'packed 24 Nov 2026',
	slab: { thicknessM: 0.034, text: '34 mm' },
	cookHead: ['', 'frozen', 'thawed'],
	cookRows: [
		['Slow cooker low', '3 h 30 – 4 h 45 *', 'no'],
		['Oven 165 °C, covered', '1 h 16 – 1 h 38', '2 h 10 – 2 h 50']
	],
	onDay: 'On the day: 120 mL cream',
	allergens: 'Contains celery, milk, mustard',
	done: 'Done at 74 °C in the middle.',
	caution: 'Measure it.',
	...change
});
const codes = Array.from({ length: 21 }, (_, i) => packCode(i + 1));
const read = async (pdf: Buffer) =>
	getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;

it('every text stands where the layout says, within 0.3 mm, on every paper, with the printer’s offset', async () => {
	for (const paper of Object.values(labelPapers)) {
		const offset = { xMm: 1.2, yMm: -0.7 };
		const places = paper.columns * paper.rows;
		const labels = codes.slice(0, places).map((code) => label(code));
		const pdf = await read(
			await labelSheetPdf({ labels, paper, start: 1, offset, fonts, title: 'test' })
		);
		assert.equal(pdf.numPages, 1);
		const items = (await (await pdf.getPage(1)).getTextContent()).items.flatMap((item) =>
			'str' in item && item.str.trim() ? [item] : []
		);
		const measure = measureWith(newPdf(paper.page, fonts, '').face);
		const size = { widthMm: paper.labelWidthMm, heightMm: paper.labelHeightMm };
		const at = sheetPositions(paper, 1, places, offset);
		for (const [i, content] of labels.entries())
			for (const box of labelLayout(content, size, measure).boxes) {
				// the reader joins a short word to its neighbour
				if (box.kind !== 'text' || box.text.length < 4) continue;
				const xMm = at[i].xMm + box.xMm;
				// the first run of the line begins where the line does
				const found = items.find(
					(item) =>
						box.text.startsWith(item.str.trim().slice(0, 3)) &&
						Math.abs(item.transform[4] / ptPerMm - xMm) <= 0.3 &&
						baselineWithin(item.transform[5], paper.page.heightMm, at[i].yMm + box.yMm, box.sizePt)
				);
				assert.ok(found, `${box.text} at ${xMm} mm on ${JSON.stringify(size)}`);
			}
	}
});

/** The baseline lies within the line's own height below its top. */
const baselineWithin = (yPt: number, pageMm: number, topMm: number, sizePt: number) => {
	const belowMm = pageMm - yPt / ptPerMm - topMm;
	const lineMm = (sizePt / 72) * 25.4;
	return belowMm >= lineMm * 0.6 && belowMm <= lineMm * 1.25;
};

it('every code on every paper is read from a picture of 203 dots to the inch (the PDF drawn by poppler, read by jsQR)', async () => {
	const folder = mkdtempSync(join(tmpdir(), 'almacen-labels-'));
	try {
		for (const [key, paper] of Object.entries(labelPapers)) {
			const places = paper.columns * paper.rows;
			const labels = codes.slice(0, places).map((code) => label(code));
			const file = join(folder, `${key}.pdf`);
			writeFileSync(file, await labelSheetPdf({ labels, paper, start: 1, fonts, title: key }));
			execFileSync('pdftoppm', ['-r', '203', '-png', '-singlefile', file, join(folder, key)]);
			const png = PNG.sync.read(readFileSync(join(folder, `${key}.png`)));
			const dots = (mm: number) => Math.round((mm * 203) / 25.4);
			for (const [i, at] of sheetPositions(paper, 1, places).entries()) {
				const [w, h] = [dots(paper.labelWidthMm), dots(paper.labelHeightMm)];
				const cut = new PNG({ width: w, height: h });
				cut.data.fill(255);
				const [x, y] = [dots(at.xMm), dots(at.yMm)];
				const most = { w: Math.min(w, png.width - x), h: Math.min(h, png.height - y) };
				PNG.bitblt(png, cut, x, y, most.w, most.h, 0, 0);
				assert.equal(jsQR(new Uint8ClampedArray(cut.data), w, h)?.data, codes[i], key);
			}
		}
		assert.ok(readdirSync(folder).length >= 20);
	} finally {
		rmSync(folder, { recursive: true });
	}
});

it('faces are embedded; letters of other scripts are named beforehand and never drawn as boxes', async () => {
	const paper = labelPapers['a4-2x4'];
	const odd = label('7K3QX', { name: '馬のスープ stew שלום' });
	const [warning] = labelWarnings([odd], paper, fonts);
	assert.deepEqual(warning.unprintable.sort(), [...new Set('馬のスープשלום')].sort());
	assert.deepEqual(labelWarnings([label('7K3QX')], paper, fonts)[0].unprintable, []);
	const bytes = await labelSheetPdf({ labels: [odd], paper, start: 1, fonts, title: 'test' });
	const text = (await (await (await read(bytes)).getPage(1)).getTextContent()).items
		.map((item) => ('str' in item ? item.str : ''))
		.join(' ');
	assert.match(text, /stew/);
	assert.doesNotMatch(text, /馬|\ufffd/);
	const raw = bytes.toString('latin1');
	const named = raw.match(/\/FontFile2/g)?.length ?? 0;
	assert.ok(named >= 2, 'both faces of the house are in the file');
});

it('what has no room goes by priority: allergens and caution stay longest, and name, best-by and code always', () => {
	const paper = labelPapers['roll-50x30'];
	const long = label('7K3QX', { onDay: `On the day: ${'cream and lemon, '.repeat(9)}` });
	const [{ leftOut }] = labelWarnings([long], paper, fonts);
	assert.ok(leftOut.includes('on-the-day') && leftOut.includes('cooking'));
	assert.ok(!leftOut.includes('name') && !leftOut.includes('best-by'));
	assert.deepEqual(labelWarnings([label('7K3QX')], labelPapers['a4-2x4'], fonts)[0].leftOut, []);
});

it('a list goes over pages and a card onto half of one, with all that was given', async () => {
	const page = { widthMm: 210, heightMm: 297 };
	const rows = Array.from({ length: 120 }, (_, i) => [`pack ${i}`, `code${i}`]);
	const list = await read(
		await listPdf({
			page,
			fonts,
			title: 'chest freezer',
			under: '120 packs',
			columns: [
				{ head: 'Pack', share: 3 },
				{ head: 'Code', share: 1 }
			],
			rows
		})
	);
	let text = '';
	for (let n = 1; n <= list.numPages; n++)
		text += (await (await list.getPage(n)).getTextContent()).items
			.map((item) => ('str' in item ? item.str : ''))
			.join(' ');
	assert.ok(list.numPages > 1);
	for (const [pack, code] of rows) assert.ok(text.includes(pack) && text.includes(code));
	const card = {
		label: label('7K3QX'),
		headings: { take: 'Take', cook: 'Cook', add: 'Add', serve: 'Serve', mind: 'Mind' },
		thaw: ['overnight'],
		cautions: ['measure'],
		addOnDay: ['cream']
	};
	const cards = await read(
		await cookDayCardPdf({ page, cards: [card, card, card], fonts, title: 'cards' })
	);
	assert.equal(cards.numPages, 2);
});
