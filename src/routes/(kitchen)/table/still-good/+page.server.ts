import { stillGood } from '$lib/core/rules';
import { readForm } from '$lib/schemas/read-form';
import { stillGoodSchema } from '$lib/schemas/care-table';
import type { PageServerLoad } from './$types';

/** Whether something may still be eaten: asked by the address, so that it can be looked at again. */
export const load: PageServerLoad = ({ url }) => {
	const typed = Object.fromEntries(url.searchParams) as Record<string, string>;
	const asked = 'kind' in typed;
	const form = asked ? readForm(stillGoodSchema, typed) : null;
	return {
		typed,
		errors: form && !form.ok ? form.errors : {},
		verdict: form?.ok ? stillGood(form.value) : null
	};
};
