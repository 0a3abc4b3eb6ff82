type Texts = Record<string, string>;

/**
 * The texts of a form, as typed: they start from what `read` gives, and only start again when that really changes (saved,
 * undone, other units), not whenever the page's data is loaded anew.
 */
export function typedForm(read: () => Texts): { texts: Texts } {
	const kept = $derived(JSON.stringify(read()));
	let texts = $derived.by(() => {
		const own = $state(JSON.parse(kept) as Texts);
		return own;
	});
	return {
		get texts() {
			return texts;
		},
		set texts(value) {
			texts = value;
		}
	};
}
