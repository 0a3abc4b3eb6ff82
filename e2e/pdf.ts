import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import jsQR from 'jsqr';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { PNG } from 'pngjs';

/** The text of each page of a PDF, and where each run stands, in points from the bottom left. */
export async function pdfText(bytes: Uint8Array) {
	const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
	const pages = [];
	for (let number = 1; number <= pdf.numPages; number++) {
		const page = await pdf.getPage(number);
		const items = (await page.getTextContent()).items.flatMap((item) =>
			'str' in item ? [{ text: item.str, x: item.transform[4], y: item.transform[5] }] : []
		);
		const [, , widthPt, heightPt] = page.view;
		pages.push({ text: items.map((item) => item.text).join(' '), items, widthPt, heightPt });
	}
	return pages;
}

const dotsPerMm = 200 / 25.4;

/** The QR code in a region of the first page of a PDF, read from its picture; null when there is none. Millimetres from the top left. */
export function qrCodeIn(
	pdfPath: string,
	region: { xMm: number; yMm: number; widthMm: number; heightMm: number }
): string | null {
	const folder = mkdtempSync(join(tmpdir(), 'almacen-qr-'));
	const dots = (mm: number) => String(Math.round(mm * dotsPerMm));
	const crop = [
		'-x',
		dots(region.xMm),
		'-y',
		dots(region.yMm),
		'-W',
		dots(region.widthMm),
		'-H',
		dots(region.heightMm)
	];
	execFileSync('pdftoppm', [
		'-r',
		'200',
		'-f',
		'1',
		'-l',
		'1',
		...crop,
		'-png',
		pdfPath,
		join(folder, 'label')
	]);
	const png = PNG.sync.read(readFileSync(join(folder, readdirSync(folder)[0])));
	rmSync(folder, { recursive: true });
	return jsQR(new Uint8ClampedArray(png.data), png.width, png.height)?.data ?? null;
}
