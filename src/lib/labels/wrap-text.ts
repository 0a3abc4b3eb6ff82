/** Breaks a text into lines of at most a width; words too long for one are cut. `width` is asked of single words and of a space. */
export function wrapText(text: string, most: number, width: (word: string) => number): string[] {
	const lines: string[] = [];
	const space = width(' ');
	let line = '';
	let used = 0;
	for (const word of text
		.split(/\s+/)
		.filter(Boolean)
		.flatMap((one) => pieces(one, most, width))) {
		const wide = width(word);
		if (line && used + space + wide > most) {
			lines.push(line);
			line = '';
			used = 0;
		}
		used += (line ? space : 0) + wide;
		line = line ? `${line} ${word}` : word;
	}
	return line ? [...lines, line] : lines;
}

function pieces(word: string, most: number, width: (text: string) => number): string[] {
	if (width(word) <= most) return [word];
	const result: string[] = [];
	let piece = '';
	for (const { segment: mark } of new Intl.Segmenter().segment(word)) {
		if (piece && width(`${piece}${mark}-`) > most) {
			// letters go on with a hyphen where there is room for one, anything else is only cut
			const goesOn = /\p{L}$/u.test(piece) && /^\p{L}/u.test(mark);
			result.push(goesOn && width(`${piece}-`) <= most ? `${piece}-` : piece);
			piece = '';
		}
		piece += mark;
	}
	return piece ? [...result, piece] : result;
}

/** A text cut to a width, with … where something is missing. */
export function shortened(text: string, most: number, width: (text: string) => number): string {
	if (width(text) <= most) return text;
	let kept = text;
	while (kept && width(`${kept}…`) > most) kept = kept.slice(0, -1);
	return `${kept.trimEnd()}…`;
}
