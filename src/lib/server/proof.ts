import type { Backup } from '../formats/backup.ts';

/** What is to be proven: an exported household, or a safe copy on the disk made at a moment; one that was proven before is only read. */
export type Asked = { backup: Backup } | { copyFile: string; madeAtMs: number; proven: boolean };

/** What came of it: the household that is shown, and the first page that is not (null: every page is); or why it could not be read. */
export type Outcome =
	{ ok: true; copied: Backup | null; page: string | null } | { ok: false; why: string };

/** What a process that proves tells on its way: how many of its pages it has rendered, or the outcome. */
export type Told = { shown: number; of: number } | { outcome: Outcome };

/** A process that renders pages from a household that is not this server's: what it was asked, and what the application in it tells. */
export interface Proof {
	asked: Asked;
	/** what the copy held, once the application has opened it */
	copied: Backup | null;
	/** addresses to ask for */
	pages: string[];
	/** why it could not be opened */
	refused?: string;
	/** a page failed, also in what it streams after its first answer */
	failed: boolean;
}

const place = Symbol.for('almacen.proof');
const shared = globalThis as { [place]?: Proof };

/** This process proves a household and does nothing else: set by its entry before the application is loaded, which is a bundle of its own. */
export const proof = (): Proof | null => shared[place] ?? null;

/** Makes this process one that proves. */
export function startProof(asked: Asked): Proof {
	shared[place] = { asked, copied: null, pages: [], failed: false };
	return shared[place];
}

/** The database's own word on a row that breaks a limit or points at nothing. */
export function reasonOf(error: unknown): string {
	const cause = error instanceof Error && error.cause instanceof Error ? error.cause : error;
	return cause instanceof Error ? cause.message : String(cause);
}
