import pg from 'pg';
import { answerCoreRequest } from '../../workers/core-jobs.ts';
import type { Compute } from '../core-worker.ts';
import type { Db } from '../db/db.ts';
import { migrated } from '../db/open.ts';
import { openDump } from '../db/open-dump.ts';
import { openServer } from '../db/server.ts';
import { ownDatabase } from './own-database.ts';
import type { DishForm } from '../services/dishes/write-dish.ts';

/** What a test asks of the database itself. */
export interface TestClient {
	exec(sql: string): Promise<unknown>;
	query<T>(sql: string, values?: unknown[]): Promise<{ rows: T[] }>;
	close(): Promise<void>;
}

/** Set, the same tests run on a PostgreSQL server: the address of a migrated database that is nobody's, to be duplicated. */
const template = process.env.ALMACEN_TEST_DATABASE_URL;

/** For tests: a real database of its own, as a new household has it; embedded, from the dump that `npm run build` prepares, or on a server. */
export async function openTestDb(): Promise<{ db: Db; client: TestClient }> {
	if (template) return duplicateOf(template);
	const client = await openDump('build/prepared/empty.tar.gz');
	return { db: await migrated(client, 'drizzle'), client };
}

async function duplicateOf(url: string): Promise<{ db: Db; client: TestClient }> {
	const own = await ownDatabase(url, new URL(url).pathname.slice(1));
	const { db, close } = await openServer(own.url, 'drizzle');
	const asked = new pg.Pool({ connectionString: own.url, max: 1 });
	return {
		db,
		client: {
			exec: (sql) => asked.query(sql),
			query: <T>(sql: string, values?: unknown[]) =>
				asked.query(sql, values) as unknown as Promise<{ rows: T[] }>,
			close: async () => {
				await asked.end();
				await close();
				await own.drop();
			}
		}
	};
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
