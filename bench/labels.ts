import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { packCode } from '../src/lib/core/packing/index.ts';
import { labelPapers } from '../src/lib/core/published/index.ts';
import { blankLabel } from '../src/lib/labels/label-content.ts';
import { newPdf, ptPerMm } from '../src/lib/server/pdf/draw.ts';
import { labelSheetPdf } from '../src/lib/server/pdf/label-sheet.ts';

const require = createRequire(import.meta.url);
const face = (path: string) => readFileSync(require.resolve(`@expo-google-fonts/${path}`));

/** 300 labels against pdfkit drawing as many plain text boxes: the aim is three times. */
export async function benchLabels(): Promise<void> {
	const fonts = {
		regular: face('atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
		bold: face('atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
		fallbackRegular: face('noto-sans/400Regular/NotoSans_400Regular.ttf'),
		fallbackBold: face('noto-sans/700Bold/NotoSans_700Bold.ttf')
	};
	const paper = labelPapers['a4-2x4'];
	const texts = (i: number) => [
		`Lamb and apricot tagine ${i}`,
		'best by 24 Jul 2027',
		`cooked · 4 servings · ${900 + i} g · 1 of 2`,
		'packed 24 Nov 2026 · 34 mm thick',
		'thawed',
		'from frozen',
		...['Slow cooker low', 'Slow cooker high', 'Pressure cooker', 'Oven 165 °C, covered'].flatMap(
			(way) => [way, '1 h 16 – 1 h 38', '2 h 10 – 2 h 50']
		),
		'On the day: 120 mL cream',
		'Contains celery, milk, mustard',
		'Done at 74 °C in the middle: measure. Thaw in the refrigerator.',
		packCode(i + 1)
	];
	const labels = Array.from({ length: 300 }, (_, i) => {
		const [name, bestBy, contents, packed, , , ...rest] = texts(i);
		const rows = [0, 3, 6, 9].map((at) => rest.slice(at, at + 3) as [string, string, string]);
		return {
			...blankLabel(packCode(i + 1)),
			name,
			bestBy,
			contents,
			packed,
			cookHead: ['', 'thawed', 'from frozen'] as [string, string, string],
			cookRows: rows,
			onDay: rest[12],
			allergens: rest[13],
			caution: rest[14]
		};
	});
	const times: { labels: number[]; plain: number[] } = { labels: [], plain: [] };
	for (let round = 0; round < 3; round++) {
		let from = performance.now();
		await labelSheetPdf({ labels, paper, start: 1, fonts, title: 'bench' });
		times.labels.push(performance.now() - from);
		from = performance.now();
		const { doc, finished } = newPdf(paper.page, fonts, 'bench');
		for (let i = 0; i < labels.length; i++) {
			if (i % 8 === 0) doc.addPage();
			for (const [line, text] of texts(i).entries())
				doc
					.font('regular')
					.fontSize(8)
					.text(text, (i % 2) * 100 * ptPerMm, ((i % 8) * 35 + line) * ptPerMm, {
						width: 90 * ptPerMm
					});
		}
		await finished();
		times.plain.push(performance.now() - from);
	}
	const best = (all: number[]) => Math.min(...all);
	console.log(
		`300 labels: ${Math.round(best(times.labels))} ms, ${(best(times.labels) / best(times.plain)).toFixed(2)} times pdfkit's plain text boxes (${Math.round(best(times.plain))} ms); aim 3 times`
	);
}
