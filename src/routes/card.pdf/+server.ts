import { tenderC } from '$lib/core/published';
import * as w from '$lib/present/wording';
import { error } from '@sveltejs/kit';
import { thawingRange } from '$lib/core/freezing';
import { dayText, thawingText } from '$lib/present/time';
import { tempText } from '$lib/present/units';
import { standingLine } from '$lib/present/wording/codes/words';
import { cookDayCardPdf } from '$lib/server/pdf/cook-day-card';
import { pdfAnswer } from '$lib/server/pdf/pdf-answer';
import { shippedFonts } from '$lib/server/pdf/shipped-fonts';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { keepsDaysOf } from '$lib/server/services/packs/change-packs';
import { askedPacks, labelOf, plainPage } from '$lib/server/services/packs/labels-of';

/** Cook-day cards, two to a page: `?packing=ID` or `?codes=A,B`. */
export const GET = async ({ locals, url }) => {
	const house = await getHousehold(locals.db);
	const habit = habitOf(house);
	const packs = await askedPacks(locals.db, locals.compute, url.searchParams);
	if (packs.length === 0) error(404, w.labelsPdfAnswers.noPacks);
	const say = w.cookDayCard;
	const pdf = await cookDayCardPdf({
		page: plainPage(habit),
		fonts: await shippedFonts(),
		title: w.labelsPdfAnswers.cards({ name: packs[0].name }),
		cards: packs.map((pack) => {
			const { card, cardInput, coreC, state, packedOn } = pack.packing;
			const tender = pack.dish && tenderC(pack.dish.kind);
			const thaw = thawingRange(card?.thaw.refrigerator.thawedMin ?? null);
			return {
				label: labelOf(pack, habit),
				headings: say.headings,
				thaw: [
					thaw === null || !cardInput
						? say.thawOvernight
						: say.thaw({ temp: tempText(cardInput.refrigeratorC, habit), time: thawingText(thaw) }),
					...(state === 'raw' ? [say.rawOnTray] : []),
					say.keeps({ days: keepsDaysOf(pack) })
				],
				addOnDay: pack.addOnDay ? [pack.addOnDay] : [],
				cautions: [
					say.done({ temp: tempText(coreC, habit) }),
					...(state === 'raw' && tender !== null
						? [say.tender({ temp: tempText(tender, habit) })]
						: []),
					...(card?.options.some(({ advice }) => advice === 'caution') ? [say.star] : []),
					say.packed({ day: dayText(packedOn, habit) }),
					say.careful,
					standingLine
				]
			};
		})
	});
	return pdfAnswer(pdf, 'cook-day-card');
};
