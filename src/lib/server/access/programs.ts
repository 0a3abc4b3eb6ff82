import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { mostName } from '../../schemas/access-limits.ts';
import { changeKept, readKept } from '../kept-file.ts';
import { newToken, tokenHash } from './tokens.ts';

/** Another program of the household that may ask for packs and write readings and deeds. */
export interface Program {
	id: string;
	name: string;
	sinceMs: number;
}
interface ProgramsFile {
	programs: (Program & { hash: string })[];
}

const mostPrograms = 20;
const programsFile = (dataDir: string) => join(dataDir, 'programs.json');

/** Those that were given a token, newest last. */
export async function listPrograms(dataDir: string): Promise<Program[]> {
	const file = await readKept<ProgramsFile>(programsFile(dataDir));
	return (file?.programs ?? []).map(({ id, name, sinceMs }) => ({ id, name, sinceMs }));
}

/** A token for a program of this name, shown once; null when there are too many. */
export const addProgram = (dataDir: string, name: string, nowMs: number): Promise<string | null> =>
	changeKept<ProgramsFile, string | null>(programsFile(dataDir), async (file) => {
		const programs = file?.programs ?? [];
		if (programs.length >= mostPrograms) return { content: null, answer: null };
		const token = newToken();
		const one = {
			id: randomUUID(),
			name: name.slice(0, mostName),
			sinceMs: nowMs,
			hash: tokenHash(token)
		};
		return { content: { programs: [...programs, one] }, answer: token };
	});

/** From now on it is not answered any more. */
export const removeProgram = (dataDir: string, id: string): Promise<unknown> =>
	changeKept<ProgramsFile, boolean>(programsFile(dataDir), async (file) => ({
		content: { programs: (file?.programs ?? []).filter((one) => one.id !== id) },
		answer: true
	}));

/** Whose token a request carries (`Authorization: Bearer …`, RFC 6750); null when it is nobody's. */
export async function programOf(
	dataDir: string,
	authorization: string | null
): Promise<Program | null> {
	const [, token] = /^Bearer ([\w-]{20,})$/.exec(authorization ?? '') ?? [];
	if (!token) return null;
	const hash = tokenHash(token);
	const file = await readKept<ProgramsFile>(programsFile(dataDir));
	return file?.programs.find((one) => one.hash === hash) ?? null;
}
