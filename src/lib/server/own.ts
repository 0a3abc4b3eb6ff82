/** What a table has of its own under a name somebody typed; what every object inherits (`constructor`, `toString`) is not in it. */
export const own = <T>(table: Readonly<Record<string, T>>, name: string): T | undefined =>
	Object.hasOwn(table, name) ? table[name] : undefined;
