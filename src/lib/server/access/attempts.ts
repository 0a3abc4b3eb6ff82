/** So often a passphrase may be tried: by one address, and by all of them. */
const most = { each: 5, all: 30 } as const;
const withinMs = 15 * 60_000;

/** Counts tries to sign in; a household's own slips are few, guessing takes millions. */
export class Attempts {
	private tries: { from: string; atMs: number }[] = [];

	/** Whether one more may be made now; it is counted where it may. */
	allow(from: string, nowMs: number): boolean {
		this.tries = this.tries.filter(({ atMs }) => nowMs - atMs < withinMs);
		const mine = this.tries.filter((one) => one.from === from).length;
		if (mine >= most.each || this.tries.length >= most.all) return false;
		this.tries.push({ from, atMs: nowMs });
		return true;
	}

	/** It was the right one: what came before is forgotten. */
	clear(from: string): void {
		this.tries = this.tries.filter((one) => one.from !== from);
	}
}

export const attempts = new Attempts();
