import { error, fail } from '@sveltejs/kit';
import { applianceNames } from '$lib/core/appliances';
import * as w from '$lib/present/wording';
import { rawFields } from '$lib/schemas/read-form';
import { nowMs as serverMs } from '$lib/server/now';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import {
	acceptProposal,
	setAside,
	unlearnAppliance,
	unlearnDish
} from '$lib/server/services/learn/accept';
import { figuresOf } from '$lib/server/services/learn/figures';
import { appliancePaces } from '$lib/server/services/learn/paces';
import { askedSpan } from '$lib/server/services/learn/learn-lists';
import { worthChanging } from '$lib/server/services/learn/worth-changing';
import { rowId } from '$lib/server/row-id';
import type { Actions, PageServerLoad } from './$types';

/** What the household's own records say of a time; what has to be computed comes after. */
export const load: PageServerLoad = async ({ locals: { db, compute }, url }) => {
	const house = await getHousehold(db);
	const nowMs = serverMs();
	const span = askedSpan(url);
	const figures = await figuresOf(db, house, span, nowMs);
	const paces = appliancePaces(db, compute, house);
	const worth = worthChanging(db, compute, house, nowMs, paces);
	// looked at by the page; nobody else is told when it fails
	worth.catch(() => undefined);
	paces.catch(() => undefined);
	return { figures, worth, paces, budgetCents: house.budgetCents, habit: habitOf(house) };
};

const failed = () => fail(409, { message: w.learn.gone });

export const actions: Actions = {
	accept: async ({ request, locals: { db, compute } }) => {
		const { key = '' } = rawFields(await request.formData());
		const house = await getHousehold(db);
		return (await acceptProposal(db, compute, house, key, serverMs()))
			? { accepted: true }
			: failed();
	},
	aside: async ({ request, locals: { db } }) => {
		const { key = '' } = rawFields(await request.formData());
		if (!/^[a-z]+ [a-z0-9 -]{1,60}$/.test(key)) return failed();
		await setAside(db, await getHousehold(db), key, serverMs());
		return { aside: true };
	},
	unlearn: async ({ request, locals: { db } }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(db);
		const appliance = applianceNames.find((name) => name === raw.appliance);
		if (appliance) await unlearnAppliance(db, house, appliance, raw.forget === 'on', serverMs());
		else if (!(await unlearnDish(db, house, rowId(raw.dishId ?? null), serverMs()))) error(404);
		return { unlearned: true };
	}
};
