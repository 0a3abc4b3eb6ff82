/** A character no text in a database can hold; nobody types it. */
const nothing = '\0';

/** Text as it can be stored: without that character, half of a pair of surrogates made whole. */
export const plainText = (text: string): string => text.replaceAll(nothing, '').toWellFormed();

/** A form's texts as they can be stored; files stay as they are. */
export function plainForm(form: FormData): FormData {
	const clean = new FormData();
	for (const [name, value] of form)
		clean.append(plainText(name), typeof value === 'string' ? plainText(value) : value);
	return clean;
}

/** The same of what an address asks, in place. False where the address itself holds such a character: nothing has that name. */
export function plainAddress(url: URL): boolean {
	if (url.search.includes('%00')) url.search = url.search.replaceAll('%00', '');
	return !url.pathname.includes('%00');
}

/** A request whose form is read so, by whoever reads it. */
export function withPlainForm(request: Request): void {
	const read = request.formData.bind(request);
	request.formData = async () => plainForm(await read());
}
