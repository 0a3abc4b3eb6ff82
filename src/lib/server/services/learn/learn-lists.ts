import { addDays } from '../../../core/units/day.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import { packsBehind, type Behind } from '../../queries/learn-figures.ts';
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

/** More than this is more than anyone reads. */
export const mostListed = 500;

/** The days of one bar of a chart, within its time; the whole time where no bar is named, null where there is none of that name. */
function daysOfPart({ flow, span }: Figures, part: string | null) {
	if (part === null) return { fromDay: span.fromDay, toDay: span.toDay };
	const i = flow.findIndex(({ from }) => from === part);
	if (i < 0) return null;
	const until = flow[i + 1]?.from ?? span.toDay;
	return {
		fromDay: part < span.fromDay ? span.fromDay : part,
		toDay: until < span.toDay ? until : span.toDay
	};
}

/** Which packs a figure is made of; of a chart those of one week, month or day, where it is named. */
async function behind(
	db: Db,
	compute: Compute,
	house: Household,
	list: ListName,
	figures: Figures,
	part: string | null
): Promise<Behind | null> {
	const { span: window, hands } = figures;
	switch (list) {
		case 'cost': {
			if (part !== null && !figures.costs.some(({ day }) => day === part)) return null;
			const days = part === null ? window : { fromDay: part, toDay: addDays(part, 1) };
			return { kind: 'made', priced: true, fromDay: days.fromDay, toDay: days.toDay };
		}
		case 'hands':
			return { kind: 'of-days', dayIds: hands.now.dayIds };
		case 'thrown':
			return { kind: 'thrown', window };
		case 'waits':
			return { kind: 'eaten', window };
		case 'made': {
			const days = daysOfPart(figures, part);
			return days && { kind: 'made', priced: false, ...days };
		}
		case 'gone': {
			const days = daysOfPart(figures, part);
			return days && { kind: 'gone', window, ...days };
		}
		case 'forecast': {
			const paces = await appliancePaces(db, compute, house);
			return { kind: 'named', codes: paces.flatMap(({ rests }) => rests.map(({ code }) => code)) };
		}
		case 'months':
			return { kind: 'best-by', month: part === 'none' ? '' : part };
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
	const what = await behind(db, compute, house, asked.list, figures, asked.part);
	return what ? packsBehind(db, what, mostListed) : [];
}
