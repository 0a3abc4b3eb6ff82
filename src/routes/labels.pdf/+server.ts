import { w } from '$lib/present/wording';
import boldUrl from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf?url';
import regularUrl from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?url';
import fallbackBoldUrl from '@expo-google-fonts/noto-sans/700Bold/NotoSans_700Bold.ttf?url';
import fallbackRegularUrl from '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf?url';
import { read } from '$app/server';
import { error } from '@sveltejs/kit';
import { labelSheets, type LabelSheetKey } from '$lib/core/tables/label-sheets';
import { labelContent } from '$lib/labels/label-content';
import { rowId } from '$lib/server/row-id';
import { labelSheetPdf } from '$lib/server/pdf/label-sheet';
import { getHousehold } from '$lib/server/repos/household';
import { packsOfPacking } from '$lib/server/repos/packs';

const bytes = async (url: string) => Buffer.from(await read(url).arrayBuffer());

/** The labels of one packing: `?packing=ID&sheet=KEY&start=N`. */
export const GET = async ({ locals, url }) => {
	const sheet = labelSheets[url.searchParams.get('sheet') as LabelSheetKey];
	if (!sheet) error(400, w.labelsPdfAnswers.noSuchLabelSheet);
	const start = Number(url.searchParams.get('start') ?? 1);
	if (!Number.isInteger(start) || start < 1 || start > sheet.columns * sheet.rows)
		error(400, w.labelsPdfAnswers.theSheetHasLabels(sheet.columns * sheet.rows));
	const packs = await packsOfPacking(locals.db, rowId(url.searchParams.get('packing')));
	if (packs.length === 0) error(404, w.labelsPdfAnswers.thesePacksAreNot);
	const habit = await getHousehold(locals.db);
	const labels = packs.map(({ packing, dish, code, number, of }) =>
		labelContent(
			{
				...packing,
				code,
				number,
				of,
				dishName: dish.name,
				bestBy: packing.storage.bestBy,
				addOnDay: dish.addOnDay
			},
			habit
		)
	);
	const pdf = await labelSheetPdf({
		labels,
		sheet,
		start,
		title: w.labelsPdfAnswers.labels(packs[0].dish.name),
		fonts: {
			regular: await bytes(regularUrl),
			bold: await bytes(boldUrl),
			fallbackRegular: await bytes(fallbackRegularUrl),
			fallbackBold: await bytes(fallbackBoldUrl)
		}
	});
	return new Response(new Uint8Array(pdf), {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': 'inline; filename="labels.pdf"',
			'cache-control': 'no-store'
		}
	});
};
