import { mostNamed } from '../../../core/learning/index.ts';
import { addDays } from '../../../core/units/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import { goneByDay, madeByDay, packsBehind, type Behind } from '../../queries/learn-figures.ts';
import {
	costsOf,
	flowOf,
	handsOf,
	spanNames,
	spanOf,
	type Span,
	type SpanName
} from './figures.ts';
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
export const mostListed = mostNamed;

/** The days of one bar of the chart of packs in and out; the whole time where no bar is named, null where there is none of that name. */
async function daysOfBar(db: Db, span: Span, part: string | null) {
	const { fromDay, toDay } = span;
	if (part === null) return { fromDay, toDay };
	const flow = flowOf(await madeByDay(db, span), await goneByDay(db, span), span);
	const i = flow.findIndex(({ from }) => from === part);
	if (i < 0) return null;
	const until = flow[i + 1]?.from ?? toDay;
	return { fromDay: part < fromDay ? fromDay : part, toDay: until < toDay ? until : toDay };
}

/** The day of one bar of the chart of costs, as above. */
async function dayOfBar(db: Db, span: Span, part: string | null) {
	const { fromDay, toDay } = span;
	if (part === null) return { fromDay, toDay };
	const isThere = costsOf(await madeByDay(db, span)).some(({ day }) => day === part);
	return isThere ? { fromDay: part, toDay: addDays(part, 1) } : null;
}

interface AskedList {
	list: ListName;
	span: SpanName;
	/** of a chart one week, month or day */
	part: string | null;
	nowMs: number;
}

/** Which packs a figure is made of; asks for no more of the figures than names them. */
async function behind(
	db: Db,
	compute: Compute,
	house: Household,
	{ list, span: name, part, nowMs }: AskedList
): Promise<Behind | null> {
	const window = spanOf(name, nowMs, house.timeZone);
	switch (list) {
		case 'cost': {
			const days = await dayOfBar(db, window, part);
			return days && { kind: 'made', priced: true, ...days };
		}
		case 'hands': {
			const [{ dayIds }] = (await handsOf(db, [window])).bySpan;
			return { kind: 'of-days', dayIds };
		}
		case 'thrown':
			return { kind: 'thrown', window };
		case 'waits':
			return { kind: 'eaten', window };
		case 'made': {
			const days = await daysOfBar(db, window, part);
			return days && { kind: 'made', priced: false, ...days };
		}
		case 'gone': {
			const days = await daysOfBar(db, window, part);
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
export async function listOf(db: Db, compute: Compute, house: Household, asked: AskedList) {
	const what = await behind(db, compute, house, asked);
	return what ? packsBehind(db, what, mostListed) : [];
}
