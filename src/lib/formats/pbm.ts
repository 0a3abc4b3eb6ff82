/**
 * A picture of red, green, blue and opacity bytes as a binary portable bitmap (PBM, "P4": one bit a dot, 1 is black, rows padded to
 * whole bytes). What is darker than half is black; what is not opaque is paper.
 */
export function pbmFromRgba(
	rgba: ArrayLike<number>,
	widthPx: number,
	heightPx: number
): Uint8Array<ArrayBuffer> {
	const head = new TextEncoder().encode(`P4\n${widthPx} ${heightPx}\n`);
	const rowBytes = Math.ceil(widthPx / 8);
	const bytes = new Uint8Array(head.length + rowBytes * heightPx);
	bytes.set(head);
	for (let y = 0; y < heightPx; y++)
		for (let x = 0; x < widthPx; x++) {
			const at = (y * widthPx + x) * 4;
			// luma of ITU-R BT.601
			const light = 0.299 * rgba[at] + 0.587 * rgba[at + 1] + 0.114 * rgba[at + 2];
			if (rgba[at + 3] >= 128 && light < 128)
				bytes[head.length + y * rowBytes + (x >> 3)] |= 0x80 >> (x & 7);
		}
	return bytes;
}
