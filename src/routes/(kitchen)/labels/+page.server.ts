import { fail } from '@sveltejs/kit';
import * as w from '$lib/present/wording';
import { ownPaperFrom, ownPaperSchema, printOffsetSchema } from '$lib/schemas/labels';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { labelWarnings } from '$lib/server/pdf/label-sheet';
import { shippedFonts } from '$lib/server/pdf/shipped-fonts';
import { getHousehold } from '$lib/server/queries/household';
import { changeLabelSetup } from '$lib/server/services/household/label-setup';
import { askedPacks, labelOf, paperKey, paperOf } from '$lib/server/services/packs/labels-of';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const house = await getHousehold(locals.db);
	const { labelSetup } = house;
	const packs = await askedPacks(locals.db, locals.compute, url.searchParams);
	const key = paperKey(url.searchParams.get('paper'), labelSetup, house);
	const paper = paperOf(key, labelSetup)!;
	const warnings = labelWarnings(
		packs.map((pack) => labelOf(pack, house)),
		paper,
		await shippedFonts()
	);
	return {
		query: url.searchParams.get('codes')
			? `codes=${packs.map(({ code }) => code).join(',')}`
			: `packing=${url.searchParams.get('packing') ?? ''}`,
		packingId: packs[0]?.packingId ?? null,
		packs: packs.map(({ code, name, number, of, status }, i) => ({
			code,
			name,
			number,
			of,
			status,
			...warnings[i]
		})),
		key,
		paper,
		own: labelSetup.own ?? {},
		offset: { xMm: labelSetup.offsetXMm ?? 0, yMm: labelSetup.offsetYMm ?? 0 }
	};
};

export const actions: Actions = {
	/** how far off a test print was, on top of what is corrected already */
	offset: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(printOffsetSchema(), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const { rightMm, lowMm } = form.value;
		await changeLabelSetup(locals.db, (now) => ({
			offsetXMm: (now.offsetXMm ?? 0) - rightMm,
			offsetYMm: (now.offsetYMm ?? 0) - lowMm
		}));
		return { saved: w.labelsPage.offsetSaved };
	},
	paper: async ({ request, locals }) => {
		const key = String((await request.formData()).get('paper') ?? '');
		const { labelSetup } = await getHousehold(locals.db);
		if (!paperOf(key, labelSetup)) return fail(400, { message: w.labelsPdfAnswers.noSuchSheet });
		await changeLabelSetup(locals.db, () => ({ paper: key }));
		return { saved: w.labelsPage.paperSaved };
	},
	own: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(ownPaperSchema(), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const paper = ownPaperFrom(form.value);
		if (!paper) return fail(400, { errors: { columns: w.labelsPage.tooBig }, typed: raw });
		const key = `own-${form.value.name}`;
		await changeLabelSetup(locals.db, (now) => ({ paper: key, own: { ...now.own, [key]: paper } }));
		return { saved: w.labelsPage.paperSaved, key };
	}
};
