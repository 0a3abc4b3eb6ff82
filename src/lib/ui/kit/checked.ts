import type { SubmitFunction } from '@sveltejs/kit';
import type { Schema } from 'yup';
import { keepDraft } from '../shell/drafts.svelte';

/**
 * For `use:enhance`: reads the form through the schema the server uses, which comes when the form is first sent; complaints are shown at once and nothing is sent.
 * What was typed stays in the form in every case. `busy` tells when the server is at work, `saved` that it took the form.
 */
export function checked(
	schema: () => Promise<Schema>,
	show: (errors: Record<string, string>) => void,
	hooks: { busy?: (at: boolean) => void; saved?: () => void } = {}
): SubmitFunction {
	return async ({ formData, cancel, formElement }) => {
		const { rawFields, readForm } = await import('$lib/schemas/read-form');
		const result = readForm(await schema(), rawFields(formData));
		if (!result.ok) {
			cancel();
			show(result.errors);
			keepDraft(formElement);
			focusFirst(formElement, result.errors);
			return;
		}
		show({});
		hooks.busy?.(true);
		return async ({ update, result: answer }) => {
			await update({ reset: false });
			hooks.busy?.(false);
			if (answer.type !== 'success' && answer.type !== 'redirect') keepDraft(formElement);
			if (answer.type === 'success') hooks.saved?.();
			if (answer.type === 'failure')
				focusFirst(formElement, (answer.data?.errors ?? {}) as Record<string, string>);
		};
	};
}

/** Puts the cursor into the first field of the form that has a complaint, once the complaints are shown. */
export function focusFirst(form: HTMLFormElement, errors: Record<string, string>): void {
	const first = [...form.elements].find(
		(element) => 'name' in element && String(element.name) in errors
	);
	if (first instanceof HTMLElement) queueMicrotask(() => first.focus());
}
