export interface CountedPack {
	code: string;
	shelfId: number;
	status: string;
}

export interface CountDifferences {
	/** on the list, not seen */
	missing: string[];
	/** seen, but on the list as gone, thawing or not filled */
	found: string[];
	/** seen on this shelf, on the list on another one */
	elsewhere: string[];
}

/** What a count of one shelf shows against the list: `seen` are the codes that are really there. */
export function countDifferences(
	shelfId: number,
	packs: readonly CountedPack[],
	seen: ReadonlySet<string>
): CountDifferences {
	const here = packs.filter((pack) => pack.shelfId === shelfId && pack.status === 'frozen');
	const seenPacks = packs.filter(({ code }) => seen.has(code));
	return {
		missing: here.filter(({ code }) => !seen.has(code)).map(({ code }) => code),
		found: seenPacks.filter(({ status }) => status !== 'frozen').map(({ code }) => code),
		elsewhere: seenPacks.filter((pack) => pack.shelfId !== shelfId).map(({ code }) => code)
	};
}
