import { error } from '@sveltejs/kit';
import { csvText } from '$lib/formats/csv';
import * as w from '$lib/present/wording';
import { nowMs as serverMs } from '$lib/server/now';
import { getHousehold } from '$lib/server/queries/household';
import { figuresOf } from '$lib/server/services/learn/figures';
import { askedSpan, chartNames, type ChartName } from '$lib/server/services/learn/learn-lists';
import { appliancePaces } from '$lib/server/services/learn/paces';
import type { RequestHandler } from './$types';

const heads = w.learn.csvHeads;

/** A chart as a table: what every bar and dot of it stands for. */
export const GET: RequestHandler = async ({ locals, url }) => {
	const chart = chartNames.find((name) => name === url.searchParams.get('of'));
	if (!chart) error(404);
	return new Response(csvText(await rowsOf(locals, chart, url)), {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="${chart}.csv"`
		}
	});
};

async function rowsOf(
	{ db, compute }: App.Locals,
	chart: ChartName,
	url: URL
): Promise<Record<string, string | number>[]> {
	const house = await getHousehold(db);
	if (chart === 'forecast')
		return (await appliancePaces(db, compute, house)).flatMap(({ appliance, rests }) =>
			rests.map(({ code, name, forecastMin, setMin }) => ({
				[heads.code]: code,
				[heads.name]: name,
				[heads.appliance]: appliance,
				[heads.forecast]: Math.round(forecastMin * 10) / 10,
				[heads.actual]: setMin
			}))
		);
	const figures = await figuresOf(db, house, askedSpan(url), serverMs());
	switch (chart) {
		case 'flow':
			return figures.flow.map(({ from, made, eaten, discarded }) => ({
				[heads.week]: from,
				[heads.made]: made,
				[heads.eaten]: eaten,
				[heads.discarded]: discarded
			}));
		case 'months':
			return figures.months.map(({ month, packs }) => ({
				[heads.month]: month ?? '',
				[heads.packs]: packs
			}));
		case 'costs':
			return figures.costs.map(({ day, cents }) => ({
				[heads.day]: day,
				[heads.serving]: Math.round(cents)
			}));
	}
}
