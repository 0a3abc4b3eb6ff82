import * as yup from 'yup';

/** Ticks on a shopping list, as a device sends them, some of them late. */
export const listMarksSchema = yup
	.array(
		yup
			.object({
				key: yup.string().max(200).required(),
				ticked: yup.boolean().required(),
				atMs: yup.number().integer().min(0).required()
			})
			.required()
	)
	.max(500)
	.required();
