import { requireRange } from '../require-range.ts';

/** 23 marks that are not taken for one another: no 0 O, 1 I L, 2 Z, 5 S, 8 B, U V. A prime number of them, for the check. */
const marks = '34679ACDEFGHJKMNPQRTWXY';
const base = marks.length;
const shortest = 4;
/** coprime to the base, so that neighbours in time do not look alike */
const stride = 104_729;

function checkMark(body: string): string {
	let sum = 0;
	for (let i = 0; i < body.length; i++) sum += (i + 2) * marks.indexOf(body[i]);
	return marks[sum % base];
}

/**
 * The code of the n-th pack ever made (n counts up and is never used again): four marks and a check mark, one more mark
 * after every 279,841 packs. Different n give different codes.
 */
export function packCode(serial: number): string {
	requireRange('serial', serial, 0, 1e9);
	let rest = Math.floor(serial);
	let length = shortest;
	while (rest >= base ** length) {
		rest -= base ** length;
		length++;
	}
	let mixed = (rest * stride + 7_919) % base ** length;
	let body = '';
	for (let i = 0; i < length; i++) {
		body = marks[mixed % base] + body;
		mixed = Math.floor(mixed / base);
	}
	return body + checkMark(body);
}

/**
 * A code as typed: case, spaces and dashes do not matter. Null when it cannot be a code: a mark that is never used, or a check
 * mark that does not agree (one mark wrong, or two neighbours swapped).
 */
export function readPackCode(typed: string): string | null {
	const code = typed.toUpperCase().replace(/[\s-]/g, '');
	if (code.length <= shortest || code.length > 10) return null;
	if ([...code].some((mark) => !marks.includes(mark))) return null;
	return checkMark(code.slice(0, -1)) === code.at(-1) ? code : null;
}
