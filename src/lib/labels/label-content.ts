import { w } from '../present/wording/index.ts';
import type { CookCard } from '../core/table/cook-card.ts';
import type { Nutrition } from '../core/foods/nutrition.ts';
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
	nutrition?: Nutrition | null;
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
		bestBy: pack.bestBy
			? w.labelContent.bestBy(dayText(pack.bestBy, habit))
			: w.labelContent.useFirst,
		facts: [
			w.labelContent.packOfPacked(pack.number, pack.of, dayText(pack.packedOn, habit)),
			w.labelContent.thick(
				pack.servings,
				pack.servings === 1 ? 'serving' : 'servings',
				massText(pack.massKg, habit),
				pack.state,
				lengthText(pack.thicknessM, habit)
			),
			...(pack.nutrition
				? [
						w.labelContent.nutrition(
							Math.round(pack.nutrition.energyKj / 10) * 10,
							Math.round(pack.nutrition.energyKcal / 5) * 5,
							Math.round(pack.nutrition.proteinG),
							Math.round(pack.nutrition.fatG),
							Math.round(pack.nutrition.carbohydrateG)
						)
					]
				: [])
		],
		code: pack.code,
		cookHead: ['', 'thawed', w.labelContent.fromFrozen],
		cookRows: cookRows(pack.card.options, habit),
		onDay: pack.addOnDay ? w.labelContent.onTheDay(pack.addOnDay) : '',
		allergens: pack.allergens.length ? `Contains ${pack.allergens.join(', ')}` : '',
		caution: w.labelContent.doneAtInThe(tempText(pack.coreC, habit))
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
			return w.labelContent.slowCooker(method.setting);
		case 'pressure-cooker':
			return w.labelContent.pressureCooker;
		case 'oven':
			return `Oven ${tempText(method.ovenC, habit)}${method.covered ? w.labelContent.covered : ''}`;
	}
}

/** A range; a star where care is needed; "no" where it is refused. */
function cookCell(option: CookOption | undefined): string {
	if (!option?.setMin) return 'no';
	return `${rangeText(option.setMin.from, option.setMin.to)}${option.advice === 'caution' ? ' *' : ''}`;
}
