/** What a photo is kept as: four by three, as wide as the widest place it is shown, on a screen with two dots a pixel. */
const widthPx = 640;
const heightPx = 480;

/** A photo cut to four by three and made small, as JPEG; null when it is no picture the browser can read. */
export async function smallerPhoto(file: Blob): Promise<Blob | null> {
	let bitmap: ImageBitmap;
	try {
		bitmap = await createImageBitmap(file);
	} catch (error) {
		if (error instanceof DOMException || error instanceof TypeError) return null;
		throw error;
	}
	const canvas = document.createElement('canvas');
	canvas.width = widthPx;
	canvas.height = heightPx;
	const scale = Math.max(widthPx / bitmap.width, heightPx / bitmap.height);
	const [w, h] = [bitmap.width * scale, bitmap.height * scale];
	canvas.getContext('2d')?.drawImage(bitmap, (widthPx - w) / 2, (heightPx - h) / 2, w, h);
	bitmap.close();
	return new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', 0.82));
}
