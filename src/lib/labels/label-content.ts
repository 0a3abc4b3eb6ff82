import type { CookCard } from '../core/table/cook-card.ts';
import type { CookOption } from '../core/cooking/convert-cook.ts';
import { dayText, rangeText } from '../present/time.ts';
import { lengthText, massText, tempText, type Habit } from '../present/units.ts';

export interface LabelPack {
	code: string;
	number: number;
	of: number;
	dishName: string;
	packedOn: string;
	bestBy: string | null;
	servings: number;
	massKg: number;
	thicknessM: number;
	state: 'raw' | 'cooked';
	coreC: number;
	allergens: readonly string[];
	addOnDay: string;
	card: Pick<CookCard, 'options'>;
}

/** What a label says, as text; where it stands is `labelLayout`'s business. */
export interface LabelContent {
	name: string;
	bestBy: string;
	facts: string[];
	code: string;
	cookHead: [string, string, string];
	cookRows: [string, string, string][];
	onDay: string;
	allergens: string;
	caution: string;
}

/** The words and figures of one pack's label, from what was kept when it was packed. */
export function labelContent(pack: LabelPack, habit: Habit): LabelContent {
	return {
		name: pack.dishName,
		bestBy: pack.bestBy ? `best by ${dayText(pack.bestBy, habit)}` : 'use first',
		facts: [
			`pack ${pack.number} of ${pack.of} · packed ${dayText(pack.packedOn, habit)}`,
			`${pack.servings} ${pack.servings === 1 ? 'serving' : 'servings'} · ${massText(pack.massKg, habit)} · ${pack.state} · ${lengthText(pack.thicknessM, habit)} thick`
		],
		code: pack.code,
		cookHead: ['', 'thawed', 'from frozen'],
		cookRows: cookRows(pack.card.options, habit),
		onDay: pack.addOnDay ? `On the day: ${pack.addOnDay}` : '',
		allergens: pack.allergens.length ? `Contains ${pack.allergens.join(', ')}` : '',
		caution: `Done at ${tempText(pack.coreC, habit)} in the middle: measure. Appliance manual and local advice win where stricter.`
	};
}

function cookRows(options: readonly CookOption[], habit: Habit): [string, string, string][] {
	const names = new Map<string, { thawed?: CookOption; frozen?: CookOption }>();
	for (const option of options) {
		const name = shortMethod(option, habit);
		names.set(name, { ...names.get(name), [option.state]: option });
	}
	return [...names].map(([name, { thawed, frozen }]) => [name, cookCell(thawed), cookCell(frozen)]);
}

function shortMethod({ method }: CookOption, habit: Habit): string {
	switch (method.appliance) {
		case 'slow-cooker':
			return `Slow cooker, ${method.setting}`;
		case 'pressure-cooker':
			return 'Pressure cooker';
		case 'oven':
			return `Oven ${tempText(method.ovenC, habit)}${method.covered ? ', covered' : ''}`;
	}
}

/** A range; a star where care is needed; "no" where it is refused. */
function cookCell(option: CookOption | undefined): string {
	if (!option?.setMin) return 'no';
	return `${rangeText(option.setMin.from, option.setMin.to)}${option.advice === 'caution' ? ' *' : ''}`;
}
