import { createHash } from 'node:crypto';
import { together } from '../db/together.ts';

/** A second tap comes within so long of the first one's answer, ms (common practice, no source: double taps are under half a second). */
const tapMs = 700;
/** What is bigger than this is a file, and nobody sends a file by tapping twice. */
const mostBytes = 64 * 1024;

/** The last submission of a device, under way or just answered: what was sent where, and its answer. */
const last = new Map<string, { key: string; answer: Promise<Response> }>();

/** Said anew by every tap, and of no matter for what is done. */
const ofTheTap = /(^|&)saidAtMs=\d+/g;

/** What was sent where; null for what is not a form, or is too big for one. */
async function keyOf(request: Request): Promise<string | null> {
	const type = request.headers.get('content-type') ?? '';
	const isForm = type.startsWith('application/x-www-form-urlencoded');
	const [, boundary] = /^multipart\/form-data;.*boundary=(.+)$/.exec(type) ?? [];
	const length = Number(request.headers.get('content-length') ?? Infinity);
	if (request.method !== 'POST' || !(isForm || boundary) || !(length <= mostBytes)) return null;
	const text = await request.clone().text();
	const said = boundary
		? text.replaceAll(boundary, '').replace(/name="saidAtMs"\s+\d+/, '')
		: text.replaceAll(ofTheTap, '');
	// by whatever name this server, or another on the same database, was called
	const { pathname, search } = new URL(request.url);
	return createHash('sha256').update(`${pathname}${search}\n${said}`).digest('base64');
}

/** Whether an answer says that nothing was done: then trying again is meant. */
async function isRefused(response: Response): Promise<boolean> {
	if (response.status >= 400) return true;
	const isResult = response.headers.get('content-type')?.startsWith('application/json') ?? false;
	return isResult && /^\{"type":"(failure|error)"/.test(await response.clone().text());
}

/**
 * Lets the same form, sent twice by the same device while its first is under way or just answered, have one effect: a tap too many gets
 * the answer of the first. `from` names the device.
 */
export async function once(
	request: Request,
	from: string,
	answer: () => Promise<Response>
): Promise<Response> {
	const key = await keyOf(request);
	if (key === null) return answer();
	// anything else sent in between (taken back, and then the same again) is no double tap
	const first = last.get(from);
	// what came to this process twice need not ask the others
	if (first?.key === key) return (await first.answer).clone();
	const made = together().once({ device: from, key, withinMs: tapMs, isRefused }, answer);
	// the one that is kept is never read: whoever comes gets a copy
	const kept = made.then((response) => response.clone());
	const mine = { key, answer: kept };
	last.set(from, mine);
	const forget = () => void (last.get(from) === mine && last.delete(from));
	kept
		.then(isRefused)
		.then((refused) => (refused ? forget() : setTimeout(forget, tapMs).unref()), forget);
	await kept.catch(() => undefined);
	return made;
}
