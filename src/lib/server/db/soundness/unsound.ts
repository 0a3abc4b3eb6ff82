import type { Unsound } from './check-rows.ts';

const words = (table: string) => table.replaceAll('_', ' ');

const saysOf = ({ table, why }: Unsound): string =>
	'error' in why
		? `the table of ${words(table)} cannot be read (${why.error})`
		: `the table of ${words(table)} holds ${why.found} rows of ${why.expected}`;

/** Says to a start that what is lost is accepted. */
export const acceptLoss = 'ALMACEN_ACCEPT_LOSS';

/** The database is not what it was: rows are gone that nobody took out, or cannot be read. */
export class DatabaseUnsound extends Error {
	constructor(where: string, unsound: readonly Unsound[]) {
		const isReadable = unsound.every(({ why }) => 'found' in why);
		super(
			`The database ${where} has lost something: ${unsound.map(saysOf).join('; ')}. Nothing was changed, and no copy was thrown away. ` +
				'Ask which copy is whole (npm run doctor) and put it back (npm run restore).' +
				(isReadable ? ` To go on with what is left instead: start once with ${acceptLoss}=yes` : '')
		);
		this.name = 'DatabaseUnsound';
	}
}

/** The database ends before something that was in it. */
export class DatabaseBehind extends Error {
	constructor(where: string, seenAtMs: number) {
		super(
			`The database ${where} is older than it was on ${new Date(seenAtMs).toISOString().slice(0, 16).replace('T', ' ')} UTC: what was kept last is gone. ` +
				'Nothing was changed. Ask which copy is newer (npm run doctor) and put it back (npm run restore), or, if it was put there on purpose, ' +
				`start once with ${acceptLoss}=yes`
		);
		this.name = 'DatabaseBehind';
	}
}
