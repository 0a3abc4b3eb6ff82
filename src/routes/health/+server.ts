import { sql } from 'drizzle-orm';

/** Answers once the data folder is open. */
export const GET = async ({ locals }) => {
	await locals.db.execute(sql`select 1`);
	return new Response('ok');
};
