import wasmUrl from 'zxing-wasm/reader/zxing_reader.wasm?url';
import { readPackCode } from '$lib/core/packing';

/** The pack code in a picture, read in the browser; null when there is none. The decoder ships with the application. */
export async function codeInPicture(picture: Blob | ImageData): Promise<string | null> {
	// large, and only wanted here
	const { prepareZXingModule, readBarcodes } = await import('zxing-wasm/reader');
	prepareZXingModule({ overrides: { locateFile: () => wasmUrl } });
	const found = await readBarcodes(picture, { formats: ['QRCode'], tryHarder: true });
	for (const { text } of found) {
		const code = readPackCode(text);
		if (code) return code;
	}
	return null;
}
