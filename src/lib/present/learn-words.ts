import type { Pace, Proposal } from '../core/learning/index.ts';
import type { ApplianceName, State } from '../core/appliances/index.ts';
import type { Habit } from './habit.ts';
import { tempText } from './units.ts';
import { stateText } from './wording/codes/words.ts';
import * as w from './wording/index.ts';

/** A proposal with what its words need. */
export type SaidProposal =
	| (Proposal & { name: string; byMin?: number; coreC?: number | null; batches?: number | null })
	| { kind: 'pace'; key: string; appliance: ApplianceName; pace: Pace; codes: string[] };

export const applianceText = (appliance: ApplianceName): string => w.appliances[appliance].name;

const percentOff = (factor: number) => Math.round((factor - 1) * 100);
const percentOf = (factor: number) => `${Math.round(factor * 100)} %`;
const inWay = ({ appliance, state }: { appliance: ApplianceName; state: State }) =>
	`${stateText(state)}, ${applianceText(appliance)}`;

/** What was seen. */
export function proposalTitle(proposal: SaidProposal): string {
	if (proposal.kind === 'pace') {
		const { appliance, pace } = proposal;
		const percent = percentOff(pace.factor);
		const words = percent > 0 ? w.learn.said.paceSlower : w.learn.said.paceFaster;
		return words({
			appliance: applianceText(appliance),
			percent: Math.abs(percent),
			n: pace.cooks
		});
	}
	const { kind, name, times, of, way, days = 0, yield01 = 1 } = proposal;
	switch (kind) {
		case 'shorter':
		case 'longer':
			return w.learn.said[kind]({ name, times, of, way: way ? inWay(way) : '' });
		case 'twice':
			return w.learn.said.twice({ name, days, times });
		case 'yields-less':
		case 'yields-more':
			return w.learn.said[kind]({ name, percent: Math.abs(percentOff(yield01)), times });
		case 'smaller':
		case 'larger':
		case 'half':
			return w.learn.said[kind]({ name, times, of });
	}
}

/** What would be done. */
export function proposalThen(proposal: SaidProposal, habit: Habit): string {
	if (proposal.kind === 'pace') {
		const { from, to } = proposal.pace;
		return w.learn.then.pace({ from: percentOf(from), to: percentOf(to) });
	}
	const { kind, byMin = 0, coreC = null, batches } = proposal;
	switch (kind) {
		case 'shorter':
		case 'longer':
			return w.learn.then[kind]({
				minutes: Math.abs(byMin),
				core: coreC === null ? null : tempText(coreC, habit)
			});
		case 'twice':
			return w.learn.then.twice({ batches: batches ?? 2 });
		case 'half':
			return batches ? w.learn.then.half({ batches }) : w.learn.then.halfNote;
		case 'yields-less':
		case 'yields-more':
		case 'smaller':
		case 'larger':
			return w.learn.then[kind];
	}
}

/** The note at a dish that an accepted proposal writes; null: it changes something else. */
export function noteOfProposal(proposal: SaidProposal): string | null {
	if (proposal.kind === 'pace') return null;
	const { kind, times, of, batches, yield01 = 1 } = proposal;
	if (kind === 'yields-less' || kind === 'yields-more')
		return w.learn.notes[kind]({
			percent: Math.abs(percentOff(yield01)),
			buy: Math.abs(percentOff(1 / yield01)),
			times
		});
	if (kind === 'smaller' || kind === 'larger') return w.learn.notes[kind]({ times, of });
	return kind === 'half' && !batches ? w.learn.notes.half({ times, of }) : null;
}

/** A pace as far as it is known. */
export const paceSeen = (appliance: ApplianceName, { factor, from, to, cooks }: Pace): string =>
	w.measure.learnedPace({
		appliance: applianceText(appliance),
		n: cooks,
		percent: percentOf(factor),
		from: percentOf(from),
		to: percentOf(to)
	});

/** A pace that is in use. */
export const paceInUse = (appliance: ApplianceName, { factor, cooks }: Pace): string =>
	w.learn.inUsePace({ appliance: applianceText(appliance), percent: percentOf(factor), n: cooks });

/** What is in use of a dish. */
export function dishInUse({
	name,
	learned,
	usualBatches
}: {
	name: string;
	learned: readonly { appliance: ApplianceName; state: State; byMin: number }[];
	usualBatches: number | null;
}): string {
	const minutes = learned.map(({ byMin, ...way }) =>
		w.learn.inUseMinutes({ by: byMin < 0 ? `−${-byMin}` : `+${byMin}`, way: inWay(way) })
	);
	const batches = usualBatches === null ? [] : [w.learn.inUseBatches({ n: usualBatches })];
	return w.learn.inUseDish({ name, what: [...minutes, ...batches].join(', ') });
}
