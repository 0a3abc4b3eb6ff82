import { randomUUID } from 'node:crypto';
import pg from 'pg';

/** A database of a test's own on a PostgreSQL server. */
export interface OwnDatabase {
	name: string;
	url: string;
	/** connected to the server, not to this database */
	admin: pg.Pool;
	/** also where somebody is still connected */
	drop(): Promise<void>;
}

/** Makes one on the server of an address, empty or as a duplicate of another. */
export async function ownDatabase(
	serverUrl: string,
	template: string | null
): Promise<OwnDatabase> {
	const name = `test_${randomUUID().replaceAll('-', '')}`;
	const at = (database: string) => {
		const address = new URL(serverUrl);
		address.pathname = database;
		return address.href;
	};
	const admin = new pg.Pool({ connectionString: at('postgres'), max: 1 });
	await admin.query(`create database ${name}${template ? ` template ${template}` : ''}`);
	return {
		name,
		url: at(name),
		admin,
		drop: async () => {
			await admin.query(`drop database ${name} with (force)`);
			await admin.end();
		}
	};
}
