import QRCode from 'qrcode';

/** A QR code (ISO/IEC 18004) as the path of its dark squares, each one unit wide, and how many units it measures. */
export function qrPath(text: string): { path: string; size: number } {
	const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
	let path = '';
	for (let row = 0; row < modules.size; row++)
		for (let column = 0; column < modules.size; column++)
			if (modules.get(row, column)) path += `M${column} ${row}h1v1h-1z`;
	return { path, size: modules.size };
}
