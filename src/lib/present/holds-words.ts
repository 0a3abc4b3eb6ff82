/** Whether a name holds every word of what is looked for; nothing looked for is held by all. */
export function holdsWords(name: string, text: string): boolean {
	const within = name.toLocaleLowerCase();
	return text
		.toLocaleLowerCase()
		.split(/\s+/)
		.every((word) => within.includes(word));
}
