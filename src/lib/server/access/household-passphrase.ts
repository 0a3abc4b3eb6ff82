import { createHash, randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { existsSync } from 'node:fs';
import { open, readFile, rename, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { syncPath } from '../sync-tree.ts';

/** What opens the household to devices other than the one it runs on; lies in the data folder, never in a file that is exported. */
interface AccessFile {
	salt: string;
	/** scrypt of the passphrase */
	hash: string;
	/** SHA-256 of each signed-in device's token, and since when */
	sessions: { hash: string; sinceMs: number }[];
}

export const leastPassphrase = 10;
/** A device that has not been here for so long signs in again, ms. */
const sessionMs = 180 * 86_400_000;
const mostSessions = 100;
/** OWASP's recommendation for scrypt (Password Storage Cheat Sheet, from memory): N 2^17, r 8, p 1. */
const cost: ScryptOptions = { N: 2 ** 17, r: 8, p: 1, maxmem: 256 * 1024 * 1024 };

const derived = (passphrase: string, salt: string): Promise<Buffer> =>
	new Promise((resolve, reject) =>
		scrypt(passphrase.normalize('NFKC'), salt, 32, cost, (error, key) =>
			error ? reject(error) : resolve(key)
		)
	);
const sha256 = (token: string) => createHash('sha256').update(token).digest('base64url');

export const accessFile = (dataDir: string) => join(dataDir, 'access.json');
/** Whether the household has a passphrase. */
export const hasPassphrase = (dataDir: string): boolean => existsSync(accessFile(dataDir));

/** Files as they were read last, and when they were written: every page asks, and another process may have written. */
const read = new Map<string, { file: AccessFile; writtenMs: number }>();

async function access(dataDir: string): Promise<AccessFile | null> {
	if (!hasPassphrase(dataDir)) return null;
	const { mtimeMs: writtenMs } = await stat(accessFile(dataDir));
	const known = read.get(dataDir);
	if (known?.writtenMs === writtenMs) return known.file;
	const file = JSON.parse(await readFile(accessFile(dataDir), 'utf8')) as AccessFile;
	read.set(dataDir, { file, writtenMs });
	return file;
}

async function keep(dataDir: string, file: AccessFile): Promise<void> {
	const path = accessFile(dataDir);
	const unfinished = await open(`${path}.part`, 'w', 0o600);
	try {
		await unfinished.writeFile(JSON.stringify(file));
		await unfinished.sync();
	} finally {
		await unfinished.close();
	}
	await rename(`${path}.part`, path);
	await syncPath(dataDir);
	read.delete(dataDir);
}

/** Sets the household's passphrase; every device signs in anew. */
export async function setPassphrase(dataDir: string, passphrase: string): Promise<void> {
	if (passphrase.length < leastPassphrase)
		throw new Error(`A passphrase has ${leastPassphrase} characters at least.`);
	const salt = randomBytes(16).toString('base64url');
	const hash = (await derived(passphrase, salt)).toString('base64url');
	await keep(dataDir, { salt, hash, sessions: [] });
}

/** A token for a device that said the passphrase; null when it is another, or there is none. */
export async function signIn(
	dataDir: string,
	passphrase: string,
	nowMs: number
): Promise<string | null> {
	const file = await access(dataDir);
	if (!file) return null;
	const said = await derived(passphrase, file.salt);
	if (!timingSafeEqual(said, Buffer.from(file.hash, 'base64url'))) return null;
	const token = randomBytes(32).toString('base64url');
	const live = file.sessions.filter(({ sinceMs }) => nowMs - sinceMs < sessionMs);
	const sessions = [...live, { hash: sha256(token), sinceMs: nowMs }].slice(-mostSessions);
	await keep(dataDir, { ...file, sessions });
	return token;
}

/** Whether a device's token is one that was given out, and still counts. */
export async function isSignedIn(
	dataDir: string,
	token: string | undefined,
	nowMs: number
): Promise<boolean> {
	const file = await access(dataDir);
	if (!file || !token) return false;
	const hash = sha256(token);
	return file.sessions.some((one) => one.hash === hash && nowMs - one.sinceMs < sessionMs);
}

/** Every device signs in anew. */
export async function signOutEverywhere(dataDir: string): Promise<void> {
	const file = await access(dataDir);
	if (file) await keep(dataDir, { ...file, sessions: [] });
}
