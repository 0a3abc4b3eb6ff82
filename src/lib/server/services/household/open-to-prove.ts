import { openDump } from '../../db/open-dump.ts';
import { migrated, type Opened } from '../../db/open.ts';
import { reasonOf, type Proof } from '../../proof.ts';
import { mustBeSound } from '../../db/soundness/index.ts';
import { exportAll } from '../../queries/backup.ts';
import { importAll } from '../../writes/backup.ts';
import { pagesToProve } from './pages-to-prove.ts';

/** Opens what is to be proven in memory and says which pages it has; null, with the reason in the proof, when it cannot be kept in a database. */
export async function openToProve(
	proof: Proof,
	preparedDump: string,
	migrationsDir: string
): Promise<Opened | null> {
	const { asked } = proof;
	try {
		const client = await openDump('copyFile' in asked ? asked.copyFile : preparedDump);
		const db = await migrated(client, migrationsDir);
		if ('backup' in asked) await importAll(db, asked.backup);
		else proof.copied = await exportAll(db, asked.madeAtMs);
		if ('backup' in asked || !asked.proven) proof.pages = await pagesToProve(db);
		return {
			db,
			sound: async () => void (await mustBeSound(db, 'that is proven')),
			dump: {
				kind: 'tar',
				into: () => Promise.reject(new Error('what is being proven is not copied'))
			},
			close: () => client.close()
		};
	} catch (error) {
		proof.refused = reasonOf(error);
		return null;
	}
}
