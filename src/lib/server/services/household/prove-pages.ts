import type { Db } from '../../db/db.ts';
import { proof, type Proof } from '../../proof.ts';
import { pagesToProve } from './pages-to-prove.ts';

/** Asks this server for one of its own pages, without the network. */
export type AskPage = (path: string) => Promise<Response>;

/** Every page is rendered from a database; gives the first that cannot be, or null. */
export async function unprovenPage(db: Db, ask: AskPage): Promise<string | null> {
	for (const path of await pagesToProve(db)) {
		const state: Proof = { db, failed: null };
		const broken = await proof.run(state, async () => {
			const response = await ask(path);
			// what is streamed after the page counts, too
			await response.arrayBuffer();
			return response.status >= 500 || state.failed !== null;
		});
		if (broken) return path;
	}
	return null;
}
