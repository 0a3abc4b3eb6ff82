/**
 * What is typed in a form of more than three fields survives a reload and Back: it is kept with the tab until the server took it.
 * Forms need to do nothing for it; one that keeps more than its fields listens for `draft`.
 */

/** Fields a form may have without a draft. */
const fewFields = 3;
/** Longer than any form takes, and short of what a browser's tab holds, characters. */
const longestDraft = 200_000;
const prefix = 'draft:';

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;
type Kept = Record<string, string>;

const isField = (element: Element): element is Field =>
	element instanceof HTMLTextAreaElement ||
	element instanceof HTMLSelectElement ||
	(element instanceof HTMLInputElement &&
		!['submit', 'button', 'file', 'password'].includes(element.type));

const ownFields = (form: HTMLFormElement): Field[] =>
	[...form.elements].filter((element): element is Field => isField(element) && element.name !== '');
const visible = (field: Field) => field.type !== 'hidden';

/** By its attribute: a field called "method" stands in the way of the property. */
const isSent = (form: HTMLFormElement) => form.getAttribute('method')?.toLowerCase() === 'post';
const keptForms = (): HTMLFormElement[] =>
	[...document.forms].filter(
		(form) => isSent(form) && ownFields(form).filter(visible).length > fewFields
	);

/** A form by its page, where it is sent, and which of those on the page it is. */
function keyOf(form: HTMLFormElement): string {
	const action = form.getAttribute('action') ?? '';
	const alike = [...document.forms].filter(
		(other) => (other.getAttribute('action') ?? '') === action
	);
	return `${prefix}${location.pathname}|${action}|${alike.indexOf(form)}`;
}

const boxed = (field: Field): field is HTMLInputElement =>
	field instanceof HTMLInputElement && (field.type === 'checkbox' || field.type === 'radio');
/** Boxes of one name are told apart by their value. */
const nameOf = (field: Field) => (boxed(field) ? `${field.name}=${field.value}` : field.name);
const valueOf = (field: Field) => (boxed(field) ? String(field.checked) : field.value);

const read = (form: HTMLFormElement): Kept =>
	Object.fromEntries(ownFields(form).map((field) => [nameOf(field), valueOf(field)]));

/** The page's drafts that were brought back, for the line that says so. */
export const drafts = $state({ back: 0 });

let restoring = false;

function keep(event: Event): void {
	if (restoring || !(event.target instanceof Element)) return;
	const form = event.target.closest('form');
	if (form) keepDraft(form);
}

/** Keeps what is typed in a form; a small one has no draft, nor has what no form takes. */
export function keepDraft(form: HTMLFormElement): void {
	if (!keptForms().includes(form)) return;
	const kept = JSON.stringify(read(form));
	if (kept.length <= longestDraft) sessionStorage.setItem(keyOf(form), kept);
}

/** Puts a field back as it was typed, so that whoever listens to it hears. True when that changed it. */
function put(field: Field, value: string): boolean {
	if (valueOf(field) === value) return false;
	if (boxed(field)) field.checked = value === 'true';
	else field.value = value;
	// a choice that is not there yet is tried again when it has come
	if (valueOf(field) !== value) return false;
	for (const name of ['input', 'change']) field.dispatchEvent(new Event(name, { bubbles: true }));
	return true;
}

const seen = new WeakMap<HTMLFormElement, string[]>();

/** Brings back what is kept of the forms on the page; fields that come later are put when they are there. */
function restore(): void {
	for (const form of keptForms()) {
		const kept = sessionStorage.getItem(keyOf(form));
		if (!kept) continue;
		const values = JSON.parse(kept) as Kept;
		const done = seen.get(form) ?? [];
		const first = !seen.has(form);
		seen.set(form, done);
		restoring = true;
		let changed = false;
		for (const field of ownFields(form).filter(visible)) {
			const name = nameOf(field);
			if (done.includes(name) || !(name in values)) continue;
			changed = put(field, values[name]) || changed;
			if (valueOf(field) === values[name]) done.push(name);
		}
		if (first) form.dispatchEvent(new CustomEvent('draft', { detail: values }));
		restoring = false;
		if (changed) drafts.back = Math.max(drafts.back, 1);
	}
}

/** A form is on its way: its draft is no longer wanted, unless it comes back (`keepDraft`). */
function forget(event: SubmitEvent): void {
	if (event.target instanceof HTMLFormElement) sessionStorage.removeItem(keyOf(event.target));
	drafts.back = 0;
}

/** Whether something is kept of a form that is sent to this action of the page. */
export const hasDraft = (action: string): boolean =>
	Object.keys(sessionStorage).some((key) =>
		key.startsWith(`${prefix}${location.pathname}|${action}|`)
	);

/** Throws away what was brought back on this page, and shows it as the server has it. */
export function startAfresh(): void {
	for (const key of Object.keys(sessionStorage))
		if (key.startsWith(`${prefix}${location.pathname}|`)) sessionStorage.removeItem(key);
	location.reload();
}

/** Keeps and brings back drafts while the application runs. Returns what ends it. */
export function watchDrafts(): () => void {
	const watcher = new MutationObserver((changes) => {
		if (changes.some(({ addedNodes }) => [...addedNodes].some((node) => node instanceof Element)))
			restoreSoon();
	});
	let asked = false;
	function restoreSoon(): void {
		if (asked) return;
		asked = true;
		requestAnimationFrame(() => {
			asked = false;
			if (hasDrafts()) restore();
			else drafts.back = 0;
		});
	}
	document.addEventListener('input', keep);
	document.addEventListener('change', keep);
	document.addEventListener('submit', forget);
	watcher.observe(document.body, { childList: true, subtree: true });
	restoreSoon();
	return () => {
		watcher.disconnect();
		document.removeEventListener('input', keep);
		document.removeEventListener('change', keep);
		document.removeEventListener('submit', forget);
	};
}

const hasDrafts = () =>
	Object.keys(sessionStorage).some((key) => key.startsWith(`${prefix}${location.pathname}|`));
