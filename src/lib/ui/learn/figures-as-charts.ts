import type { ApplianceName } from '$lib/core/appliances';
import { applianceText } from '$lib/present/learn-words';
import { durationText, monthNames } from '$lib/present/time';
import * as w from '$lib/present/wording';
import type { Bars, Dots, Ink } from './figure-chart';

/** Where a part of a figure is opened, by its list and its week, month or day. */
export type Opens = (list: string, part?: string) => string;

const shortDay = (day: string) =>
	`${Number(day.slice(8))} ${monthNames[Number(day.slice(5, 7)) - 1]}`;
const shortMonth = (month: string) =>
	`${monthNames[Number(month.slice(5)) - 1]} ${month.slice(2, 4)}`;
const whole = (value: number) => String(Math.abs(value));

/** Packs made above, gone below, a week each. */
export function flowBars(
	flow: readonly { from: string; made: number; eaten: number; discarded: number }[],
	opens: Opens
): Bars {
	const gone = flow.map(({ from }) => opens('gone', from));
	return {
		kind: 'bars',
		labels: flow.map(({ from }) => shortDay(from)),
		shown: whole,
		series: [
			{
				name: w.learn.made,
				ink: 'cold',
				values: flow.map(({ made }) => made),
				links: flow.map(({ from, made }) => (made ? opens('made', from) : null))
			},
			{
				name: w.learn.eaten,
				ink: 'leaf',
				values: flow.map(({ eaten }) => -eaten),
				links: gone
			},
			{
				name: w.learn.discarded,
				ink: 'ember',
				values: flow.map(({ discarded }) => -discarded),
				links: gone
			}
		]
	};
}

/** Packs in the freezer by the month they are best before. */
export const monthBars = (
	months: readonly { month: string | null; packs: number }[],
	opens: Opens
): Bars => ({
	kind: 'bars',
	labels: months.map(({ month }) => (month ? shortMonth(month) : w.learn.noDate)),
	shown: whole,
	series: [
		{
			name: w.learn.monthsSays,
			ink: 'cold',
			values: months.map(({ packs }) => packs),
			links: months.map(({ month }) => opens('months', month ?? 'none'))
		}
	]
});

/** What a serving cost by packing day, against the budget. */
export const costBars = (
	costs: readonly { day: string; cents: number }[],
	budgetCents: number | null,
	money: (cents: number) => string,
	opens: Opens
): Bars => ({
	kind: 'bars',
	labels: costs.map(({ day }) => shortDay(day)),
	shown: money,
	level:
		budgetCents === null
			? undefined
			: { name: w.learn.budget({ price: money(budgetCents) }), at: budgetCents },
	series: [
		{
			name: w.learn.aServing,
			ink: 'mustard',
			values: costs.map(({ cents }) => Math.round(cents)),
			links: costs.map(({ day }) => opens('cost', day))
		}
	]
});

const inks: Readonly<Partial<Record<ApplianceName, Ink>>> = {
	'slow-cooker': 'cold',
	'pressure-cooker': 'mustard',
	oven: 'ember',
	hob: 'leaf'
};

/** Minutes it took against those computed, a dot a cook. */
export const forecastDots = (
	paces: readonly {
		appliance: ApplianceName;
		rests: readonly { name: string; code: string; forecastMin: number; setMin: number }[];
	}[]
): Dots => ({
	kind: 'dots',
	across: w.learn.forecastMin,
	up: w.learn.actualMin,
	series: paces
		.filter(({ rests }) => rests.length > 0)
		.map(({ appliance, rests }) => ({
			name: applianceText(appliance),
			ink: inks[appliance] ?? 'rim',
			points: rests.map(({ name, code, forecastMin, setMin }) => ({
				x: Math.round(forecastMin),
				y: Math.round(setMin),
				text: `${name}, ${code}: ${durationText(forecastMin)} → ${durationText(setMin)}`,
				link: `/freezer/${code}`
			}))
		}))
});
