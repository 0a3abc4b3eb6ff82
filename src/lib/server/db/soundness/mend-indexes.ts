import type { PGlite } from '@electric-sql/pglite';
import { log, logFailure } from '../../log.ts';

const btrees = `select quote_ident(c.relname) as name from pg_index i join pg_class c on c.oid = i.indexrelid join pg_am m on m.oid = c.relam
	join pg_namespace n on n.oid = c.relnamespace where n.nspname = 'public' and m.amname = 'btree' order by 1`;

/**
 * Looks every page of every index over (amcheck, PostgreSQL F.2) and makes one anew that is damaged: all it
 * held stands in its table. Gives the names of those made anew.
 */
export async function mendIndexes(client: PGlite): Promise<string[]> {
	const known = await client.query(`select 1 from pg_extension where extname = 'amcheck'`);
	if (known.rows.length === 0) await client.exec('create extension amcheck');
	// all at once, as they nearly always are: one by one only where something is wrong
	if (await areSound(client)) return [];
	const { rows } = await client.query<{ name: string }>(btrees);
	const mended: string[] = [];
	for (const { name } of rows) {
		try {
			await client.query('select bt_index_check($1::regclass, false)', [name]);
		} catch (error) {
			log.warn({ index: name, why: (error as Error).message }, 'an index is damaged');
			// a table that does not let its index be made is told of when its rows are read
			const isMade = await client
				.exec(`reindex index ${name}`)
				.then(() => true, logFailure('it could not be made anew', { index: name }));
			if (isMade) mended.push(name);
		}
	}
	return mended;
}

const areSound = (client: PGlite): Promise<boolean> =>
	client.query(`select bt_index_check(name::regclass, false) from (${btrees}) b`).then(
		() => true,
		() => false
	);
