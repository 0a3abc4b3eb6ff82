import { backupText } from '$lib/formats/backup';
import { dayIn } from '$lib/present/time';
import { exportAll } from '$lib/server/queries/backup';
import { getHousehold } from '$lib/server/queries/household';
import { nowMs as serverMs } from '$lib/server/now';

/** Everything as one file (docs/export-format.md). */
export const GET = async ({ locals }) => {
	const nowMs = serverMs();
	const { timeZone } = await getHousehold(locals.db);
	return new Response(backupText(await exportAll(locals.db, nowMs)), {
		headers: {
			'content-type': 'application/json; charset=utf-8',
			'content-disposition': `attachment; filename="almacen-${dayIn(nowMs, timeZone)}.json"`,
			'cache-control': 'no-store'
		}
	});
};
