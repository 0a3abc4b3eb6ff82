import type { ApplianceName, Method } from '../../../core/appliances/index.ts';
import type { Shown } from '../shown.ts';

/** How it is set, temperatures in the household's degrees. */
type Set<M> = { [K in keyof M]: M[K] extends number ? Shown : M[K] };

/** What an appliance is called. One more appliance is one more entry here. */
interface ApplianceWords<M> {
	/** in a list of what a kitchen has */
	name: string;
	/** within a sentence */
	short: string;
	/** where the food is meanwhile */
	within: string;
	/** a way of cooking, with how it is set */
	way: (method: Set<M>) => string;
	/** the same where room is dear: on a label; left out: as `way` */
	onLabel?: (method: Set<M>) => string;
}

export const appliances: {
	readonly [N in ApplianceName]: ApplianceWords<Extract<Method, { appliance: N }>>;
} = {
	'slow-cooker': {
		name: 'slow cooker',
		short: 'slow cooker',
		within: 'in the cooker',
		way: ({ setting }) => `slow cooker, ${setting}`,
		onLabel: ({ setting }) => `Slow ${setting}`
	},
	'pressure-cooker': {
		name: 'pressure cooker',
		short: 'pressure cooker',
		within: 'in the cooker',
		way: ({ release }) =>
			release === 'quick' ? 'pressure cooker, quick release' : 'pressure cooker',
		onLabel: () => 'Pressure'
	},
	oven: {
		name: 'oven',
		short: 'oven',
		within: 'in the oven',
		way: ({ ovenC, covered }) => `oven ${ovenC}, ${covered ? 'covered' : 'open'}`,
		onLabel: ({ ovenC, covered }) => `Oven ${ovenC}${covered ? ', covered' : ''}`
	},
	hob: {
		name: 'hob and a pot with a lid',
		short: 'hob',
		within: 'on the hob',
		way: ({ level }) => `hob, ${level}`
	},
	microwave: {
		name: 'microwave',
		short: 'microwave',
		within: 'in the microwave',
		way: ({ powerW }) => `microwave, ${powerW} W`
	},
	'fan-oven': {
		name: 'small oven with a strong fan',
		short: 'small oven',
		within: 'in the small oven',
		way: ({ ovenC }) => `small fan oven ${ovenC}`
	},
	'water-bath': {
		name: 'water bath',
		short: 'water bath',
		within: 'in the bath',
		way: ({ bathC }) => `water bath ${bathC}`
	},
	steamer: {
		name: 'steamer',
		short: 'steamer',
		within: 'in the steamer',
		way: () => 'steamer'
	},
	grill: {
		name: 'grill',
		short: 'grill',
		within: 'on the grill',
		way: () => 'grill, open, turned once'
	}
};
