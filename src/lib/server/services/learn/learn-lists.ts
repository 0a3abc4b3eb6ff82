import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import { packsNamed } from '../../queries/learn.ts';
import { figuresOf, spanNames, type Figures, type SpanName } from './figures.ts';
import { appliancePaces } from './paces.ts';

/** The time a page asks for; three months where it does not say. */
export const askedSpan = (url: URL): SpanName =>
	spanNames.find((name) => name === url.searchParams.get('span')) ?? 'quarter';

/** What a figure or a part of a chart is made of. */
export const listNames = [
	'cost',
	'hands',
	'thrown',
	'waits',
	'made',
	'gone',
	'forecast',
	'months'
] as const;
export type ListName = (typeof listNames)[number];

/** Charts that are given as a table. */
export const chartNames = ['flow', 'forecast', 'months', 'costs'] as const;
export type ChartName = (typeof chartNames)[number];

/** Codes of packs that a figure is made of; of a chart those of one week, month or day, where it is named. */
async function codesOf(
	db: Db,
	compute: Compute,
	house: Household,
	list: ListName,
	{ packs, flow, costs, hands, months }: Figures,
	part: string | null
): Promise<string[]> {
	const codes = (all: readonly { code: string }[]) => all.map(({ code }) => code);
	switch (list) {
		case 'cost':
			return part ? (costs.find(({ day }) => day === part)?.codes ?? []) : codes(packs.priced);
		case 'hands':
			return hands.now.codes;
		case 'thrown':
			return codes(packs.thrown);
		case 'waits':
			return codes([...packs.eaten].sort((a, b) => b.waitedDays - a.waitedDays));
		case 'made':
			return part ? (flow.find(({ from }) => from === part)?.made ?? []) : codes(packs.made);
		case 'gone': {
			const week = flow.find(({ from }) => from === part);
			return week ? [...week.eaten, ...week.discarded] : codes([...packs.eaten, ...packs.thrown]);
		}
		case 'forecast':
			return (await appliancePaces(db, compute, house)).flatMap(({ rests }) => codes(rests));
		case 'months':
			return months
				.filter(({ month }) => part === null || (month ?? 'none') === part)
				.flatMap((one) => one.codes);
	}
}

/** The packs behind a figure, in its own order. */
export async function listOf(
	db: Db,
	compute: Compute,
	house: Household,
	asked: { list: ListName; span: SpanName; part: string | null; nowMs: number }
) {
	const figures = await figuresOf(db, house, asked.span, asked.nowMs);
	return packsNamed(db, await codesOf(db, compute, house, asked.list, figures, asked.part));
}
