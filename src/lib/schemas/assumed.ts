import * as yup from 'yup';
import type { AsIf } from '../core/serving/index.ts';

/** What is assumed of one pack otherwise than when it was packed, as a screen sends it. */
export const assumedSchema: yup.ObjectSchema<AsIf> = yup.object({
	thicknessM: yup.number().min(0.005).max(0.2).required(),
	massKg: yup.number().min(0.02).max(12).required(),
	count: yup.number().integer().min(1).max(6).required(),
	arrangement: yup
		.string()
		.oneOf(['side-by-side', 'stacked'] as const)
		.required(),
	mobility: yup.number().min(0.5).max(10),
	liquidKg: yup.number().min(0).max(5)
});
