import { randomBytes, randomUUID, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { leastPassphrase, mostName } from '../../schemas/access-limits.ts';
import { changeKept, readKept, writeKept } from '../kept-file.ts';
import { newToken, tokenHash } from './tokens.ts';

interface Session {
	/** names it on the screen that ends it */
	id: string;
	name: string;
	/** of its token */
	hash: string;
	sinceMs: number;
}
interface Pairing {
	hash: string;
	name: string;
	untilMs: number;
}

/** What opens the household to devices other than the one it runs on; lies in the data folder, never in a file that is exported. */
interface AccessFile {
	salt: string;
	/** scrypt of the passphrase */
	hash: string;
	sessions: Session[];
	/** devices that are being let in just now */
	pairings?: Pairing[];
}

/** A signed-in device, as it is listed. */
export interface SignedInDevice {
	id: string;
	name: string;
	sinceMs: number;
	isThis: boolean;
}

/** A device that has not been here for so long signs in again, ms. */
const sessionMs = 180 * 86_400_000;
const mostSessions = 100;
/** A code to let a device in is good for so long, ms. */
const pairingMs = 5 * 60_000;
/** OWASP's recommendation for scrypt (Password Storage Cheat Sheet, from memory): N 2^17, r 8, p 1. */
const cost: ScryptOptions = { N: 2 ** 17, r: 8, p: 1, maxmem: 256 * 1024 * 1024 };

const derived = (passphrase: string, salt: string): Promise<Buffer> =>
	new Promise((resolve, reject) =>
		scrypt(passphrase.normalize('NFKC'), salt, 32, cost, (error, key) =>
			error ? reject(error) : resolve(key)
		)
	);

export const accessFile = (dataDir: string) => join(dataDir, 'access.json');
/** Whether the household has a passphrase. */
export const hasPassphrase = (dataDir: string): boolean => existsSync(accessFile(dataDir));

const access = (dataDir: string) => readKept<AccessFile>(accessFile(dataDir));

/** Changes what is there; nothing where the household has no passphrase. */
const change = <A>(
	dataDir: string,
	how: (file: AccessFile) => { file: AccessFile | null; answer: A }
) =>
	changeKept<AccessFile, A | null>(accessFile(dataDir), async (kept) => {
		if (!kept) return { content: null, answer: null };
		const { file, answer } = how(kept);
		return { content: file, answer };
	});

/** Sets the household's passphrase; every device signs in anew. */
export async function setPassphrase(dataDir: string, passphrase: string): Promise<void> {
	if (passphrase.length < leastPassphrase)
		throw new Error(`A passphrase has ${leastPassphrase} characters at least.`);
	const salt = randomBytes(16).toString('base64url');
	const hash = (await derived(passphrase, salt)).toString('base64url');
	await writeKept(accessFile(dataDir), { salt, hash, sessions: [] } satisfies AccessFile);
}

/** Whether this is the household's passphrase. */
export async function isPassphrase(dataDir: string, passphrase: string): Promise<boolean> {
	const file = await access(dataDir);
	if (!file) return false;
	const said = await derived(passphrase, file.salt);
	return timingSafeEqual(said, Buffer.from(file.hash, 'base64url'));
}

const live = (sessions: Session[], nowMs: number) =>
	sessions.filter(({ sinceMs }) => nowMs - sinceMs < sessionMs);

function withDevice(file: AccessFile, name: string, nowMs: number) {
	const token = newToken();
	const session = {
		id: randomUUID(),
		name: name.trim().slice(0, mostName),
		hash: tokenHash(token),
		sinceMs: nowMs
	};
	const sessions = [...live(file.sessions, nowMs), session].slice(-mostSessions);
	return { file: { ...file, sessions }, answer: token };
}

/** A token for a device that said the passphrase; null when it is another, or there is none. */
export async function signIn(
	dataDir: string,
	passphrase: string,
	name: string,
	nowMs: number
): Promise<string | null> {
	if (!(await isPassphrase(dataDir, passphrase))) return null;
	return change(dataDir, (file) => withDevice(file, name, nowMs));
}

/** A code that lets one device in, within five minutes and without the passphrase; null without a passphrase. */
export const startPairing = (
	dataDir: string,
	name: string,
	nowMs: number
): Promise<string | null> =>
	change(dataDir, (file) => {
		const code = newToken();
		const pairings = (file.pairings ?? []).filter(({ untilMs }) => untilMs > nowMs);
		const mine = {
			hash: tokenHash(code),
			name: name.slice(0, mostName),
			untilMs: nowMs + pairingMs
		};
		return { file: { ...file, pairings: [...pairings, mine] }, answer: code };
	});

/** The name a code lets a device in under, as long as it is good. */
export async function pairingOf(
	dataDir: string,
	code: string,
	nowMs: number
): Promise<string | null> {
	const hash = tokenHash(code);
	const found = (await access(dataDir))?.pairings?.find((one) => one.hash === hash);
	return found && found.untilMs > nowMs ? found.name : null;
}

/** Lets the device in, once: its token, or null when the code is not good any more. */
export const finishPairing = (
	dataDir: string,
	code: string,
	nowMs: number
): Promise<string | null> =>
	change(dataDir, (file) => {
		const hash = tokenHash(code);
		const found = file.pairings?.find((one) => one.hash === hash && one.untilMs > nowMs);
		if (!found) return { file: null, answer: null };
		const pairings = file.pairings?.filter((one) => one !== found);
		return withDevice({ ...file, pairings }, found.name, nowMs);
	});

const sessionOf = async (dataDir: string, token: string | undefined, nowMs: number) => {
	const file = await access(dataDir);
	if (!file || !token) return undefined;
	const hash = tokenHash(token);
	return live(file.sessions, nowMs).find((one) => one.hash === hash);
};

/** Whether a device's token is one that was given out, and still counts. */
export const isSignedIn = async (
	dataDir: string,
	token: string | undefined,
	nowMs: number
): Promise<boolean> => (await sessionOf(dataDir, token, nowMs)) !== undefined;

/** The devices that are signed in, newest first. */
export async function signedInDevices(
	dataDir: string,
	token: string | undefined,
	nowMs: number
): Promise<SignedInDevice[]> {
	const file = await access(dataDir);
	const own = await sessionOf(dataDir, token, nowMs);
	return live(file?.sessions ?? [], nowMs)
		.map(({ id, name, sinceMs }) => ({ id, name, sinceMs, isThis: id === own?.id }))
		.reverse();
}

/** One device signs in anew. */
export const signOutDevice = (dataDir: string, id: string): Promise<unknown> =>
	change(dataDir, (file) => ({
		file: { ...file, sessions: file.sessions.filter((one) => one.id !== id) },
		answer: true
	}));

/** Every device signs in anew. */
export const signOutEverywhere = (dataDir: string): Promise<unknown> =>
	change(dataDir, (file) => ({ file: { ...file, sessions: [], pairings: [] }, answer: true }));
