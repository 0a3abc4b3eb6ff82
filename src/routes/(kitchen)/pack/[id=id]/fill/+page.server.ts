import { error } from '@sveltejs/kit';
import { containers } from '$lib/core/published';
import { fillPlan, headspaceMm } from '$lib/core/packing';
import { itemByName, kindHandling } from '$lib/core/foods';
import { getDish } from '$lib/server/queries/dishes';
import { packsOfPacking } from '$lib/server/queries/packs';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const packs = await packsOfPacking(locals.db, Number(params.id));
	if (packs.length === 0) error(404);
	const [{ packing, name }] = packs;
	const dish = packing.dishId === null ? null : await getDish(locals.db, packing.dishId);
	const box = containers[packing.container];
	const liquid = dish !== null && kindHandling[dish.kind].runs;
	const plan = fillPlan(
		(dish?.lines ?? []).map((line) => ({
			text: line.text,
			item: line.itemName ? itemByName(line.itemName) : null,
			massKg: line.massKg,
			stage: line.stage
		})),
		dish?.instruction?.method.appliance === 'pressure-cooker'
	);
	return {
		name,
		id: packing.id,
		state: packing.state,
		pan: box.pan,
		glass: box.glass,
		rigid: box.rigid,
		container: packing.container,
		thicknessM: packing.thicknessM,
		massKg: packing.massKg,
		liquid,
		headspaceMm: headspaceMm({ ...box, liquid }),
		hasBones: /\bbones?\b/i.test((dish?.lines ?? []).map(({ text }) => text).join(' ')),
		pressure: dish?.instruction?.method.appliance === 'pressure-cooker',
		// what is cooked in one pot goes in as one
		plan: dish?.state === 'cooked' ? { ...plan, layers: [] } : plan,
		packs: packs.map(({ code, number, of, status, shelf, freezer, massKg }) => ({
			code,
			number,
			of,
			status,
			shelf,
			freezer,
			massKg
		}))
	};
};
