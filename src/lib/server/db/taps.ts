import type pg from 'pg';
import type { Tap } from './together.ts';

/** What a tap was answered, as another process can say it again. */
interface Said {
	status: number;
	headers: [string, string][];
	body: string;
}

/** For the moment only, so it is not written to the log; made with the other tables, kept out of copies. */
export const tapsTable = 'almacen_taps';
export const makeTapsTable = `create unlogged table if not exists ${tapsTable} (
	device text, key text, at timestamptz not null, answered_at timestamptz, said jsonb, primary key (device, key))`;

/** A process that ended while it was at it is not waited for any longer. */
const mostWait = '30 seconds';
const lookAgainMs = 40;

/** This tap is the first of its kind; what the device sent and got answered before is no double of anything any more. */
const beFirst = `with over as (
		delete from ${tapsTable} where (device = $1 and key <> $2 and answered_at is not null) or at < now() - interval '1 hour')
	insert into ${tapsTable} (device, key, at) values ($1, $2, clock_timestamp())
	on conflict (device, key) do update set at = clock_timestamp(), answered_at = null, said = null
	where ${tapsTable}.answered_at < clock_timestamp() - make_interval(secs => $3::float8 / 1000)
		or (${tapsTable}.answered_at is null and ${tapsTable}.at < clock_timestamp() - interval '${mostWait}')
	returning true`;

/** Lets taps of a device that came to several processes have one effect: they find each other in the database. */
export const onceAmong =
	(pool: pg.Pool) =>
	async (
		{ device, key, withinMs, isRefused }: Tap,
		answer: () => Promise<Response>
	): Promise<Response> => {
		const mine = [device, key];
		for (;;) {
			const { rowCount } = await pool.query(beFirst, [...mine, withinMs]);
			if (rowCount) break;
			const { rows } = await pool.query<{ said: Said | null }>(
				`select said from ${tapsTable} where device = $1 and key = $2`,
				mine
			);
			if (rows[0]?.said) {
				const { body, ...said } = rows[0].said;
				return new Response(body || null, said);
			}
			await new Promise((resolve) => setTimeout(resolve, lookAgainMs));
		}
		const forget = () =>
			pool.query(`delete from ${tapsTable} where device = $1 and key = $2`, mine);
		let response: Response;
		try {
			response = await answer();
		} catch (error) {
			await forget();
			throw error;
		}
		if (await isRefused(response)) {
			await forget();
			return response;
		}
		const said: Said = {
			status: response.status,
			headers: [...response.headers],
			body: await response.clone().text()
		};
		await pool.query(
			`update ${tapsTable} set answered_at = clock_timestamp(), said = $3 where device = $1 and key = $2`,
			[...mine, said]
		);
		return response;
	};
