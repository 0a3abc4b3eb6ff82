import workerUrl from 'pdfjs-dist/build/pdf.worker.min.mjs?url';

const ptPerInch = 72;

/** The pages of a PDF as pictures, so many dots to the inch. What is seen is the file itself, drawn. */
export async function pdfPages(
	path: string,
	options: { dpi: number; mostPages?: number }
): Promise<{ pages: HTMLCanvasElement[]; total: number }> {
	// only where it is wanted: it is large
	const pdfjs = await import('pdfjs-dist');
	pdfjs.GlobalWorkerOptions.workerSrc = workerUrl;
	const answer = await fetch(path);
	if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
	const task = pdfjs.getDocument({ data: new Uint8Array(await answer.arrayBuffer()) });
	const file = await task.promise;
	const pages: HTMLCanvasElement[] = [];
	for (let n = 1; n <= Math.min(file.numPages, options.mostPages ?? Infinity); n++) {
		const page = await file.getPage(n);
		const viewport = page.getViewport({ scale: options.dpi / ptPerInch });
		const canvas = document.createElement('canvas');
		canvas.width = Math.round(viewport.width);
		canvas.height = Math.round(viewport.height);
		await page.render({ canvas, viewport }).promise;
		pages.push(canvas);
	}
	const total = file.numPages;
	await task.destroy();
	return { pages, total };
}
