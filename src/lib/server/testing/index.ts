import { readFile } from 'node:fs/promises';
import { PGlite } from '@electric-sql/pglite';
import { answerCoreRequest } from '../../workers/core-jobs.ts';
import type { Compute } from '../core-worker.ts';
import type { Db } from '../db/db.ts';
import { migrated } from '../db/open.ts';
import type { DishForm } from '../services/dishes/write-dish.ts';

/** For tests: a real database in memory, from the dump that `npm run build` prepares. */
export async function testDatabase(): Promise<{ db: Db; client: PGlite }> {
	const dump = new Blob([new Uint8Array(await readFile('build/prepared/empty.tar.gz'))]);
	const client = await PGlite.create({ loadDataDir: dump });
	return { db: await migrated(client, 'drizzle'), client };
}

/** For tests: the real computation, in this thread. */
export const inlineCompute: Compute = async (job, input) => {
	const reply = answerCoreRequest({ id: 1, job, input } as Parameters<typeof answerCoreRequest>[0]);
	if ('progress' in reply) throw new Error('progress is no answer');
	if (!reply.ok) throw new Error(reply.message);
	return reply.answer as Awaited<ReturnType<Compute>> as never;
};

/** For tests: a dish as it is typed; what matters to a test is said by it. */
export const aDish = (more: Partial<DishForm> = {}): DishForm =>
	({
		name: 'Red lentil dal',
		servings: 4,
		kind: 'pulse-soup',
		state: 'cooked',
		lines: '300 g red lentils\n2 onions, diced\n400 g tomatoes',
		...more
	}) as DishForm;
