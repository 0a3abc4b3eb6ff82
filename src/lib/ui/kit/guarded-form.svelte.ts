import { untrack } from 'svelte';
import { seenText } from '$lib/present/seen';

type Texts = Record<string, string>;

/**
 * The texts of a form that other devices may change meanwhile: they follow what is kept only as long as nothing was typed, and
 * remember what they started from, so that nobody writes over what he has not seen. Call `take` once they are saved.
 */
export function guardedForm(read: () => Texts) {
	const kept = $derived(seenText(read()));
	let seen = $state(untrack(() => kept));
	let texts = $state(untrack(() => JSON.parse(kept) as Texts));
	const take = () => {
		seen = kept;
		texts = JSON.parse(kept) as Texts;
	};
	const untouched = () =>
		Object.entries(JSON.parse(seen) as Texts).every(([name, text]) => texts[name] === text);
	$effect.pre(() => {
		if (kept !== seen) untrack(() => untouched() && take());
	});
	return {
		get texts() {
			return texts;
		},
		set texts(value) {
			texts = value;
		},
		get seen() {
			return seen;
		},
		take
	};
}
