import * as yup from 'yup';

/** Longest text read at once, characters: a file of some hundreds of recipes. */
const longestFile = 5_000_000;

/** Pasted text or a file, and what it is called when something in it was not understood. */
export const pastedSchema = yup.object({
	text: yup.string().max(longestFile).defined(),
	where: yup.string().max(300).default('')
});

/** Recipes as a screen sends them back to be saved. */
export const recipeDraftsSchema = yup
	.array(
		yup.object({
			name: yup.string().max(2000).required(),
			servings: yup.number().integer().min(1).max(100).nullable().defined(),
			ingredients: yup.array(yup.string().max(20_000).defined()).max(1000).required(),
			method: yup.string().max(200_000).defined(),
			own: yup.mixed().nullable().defined()
		})
	)
	.max(50)
	.required();
