import { json } from '@sveltejs/kit';
import { printLabel } from '$lib/server/label-printer';

const mostBytes = 2_000_000;

/** One label to the roll printer: `?id=ID`, a PBM picture as the body. The same id is never printed twice. */
export const POST = async ({ request, url }) => {
	const id = url.searchParams.get('id') ?? '';
	if (!/^[\w-]{8,64}$/.test(id)) return json({ outcome: 'refused' }, { status: 400 });
	const picture = new Uint8Array(await request.arrayBuffer());
	// PBM, binary: "P4"
	const isPbm = picture[0] === 0x50 && picture[1] === 0x34;
	if (!isPbm || picture.length > mostBytes) return json({ outcome: 'refused' }, { status: 400 });
	return json({ outcome: await printLabel(id, picture) });
};
