import { deserialize } from '$app/forms';
import * as w from '$lib/present/wording';

/** A pack as it was written down. */
export interface WrittenPack {
	code: string;
	name: string;
	bestBy: string | null;
	/** as it was taken: by its name, where nothing was said */
	state: 'raw' | 'cooked';
}

/** One entry: what was typed, and how far it is. */
export interface Entry {
	readonly key: number;
	readonly typed: Readonly<Record<string, string>>;
	state: 'saving' | 'saved' | 'failed';
	packs: WrittenPack[];
	errors: Record<string, string>;
	message: string;
}

/** Entries of a form that is filled in again and again: each is sent in its turn while the next one is typed. */
export class EntryQueue {
	/** the latest first */
	entries = $state<Entry[]>([]);
	private last: Promise<void> = Promise.resolve();
	private key = 0;

	/** Takes an entry; it is on the list at once. */
	add(action: string, typed: Record<string, string>): void {
		this.entries.unshift({
			key: this.key++,
			typed,
			state: 'saving',
			packs: [],
			errors: {},
			message: ''
		});
		const { key } = this.entries[0];
		this.last = this.last.then(() => this.send(action, key));
	}

	/** Takes an entry off the list, to be corrected. */
	take(key: number): Entry | undefined {
		const entry = this.entries.find((one) => one.key === key);
		this.entries = this.entries.filter((one) => one.key !== key);
		return entry;
	}

	private async send(action: string, key: number): Promise<void> {
		const entry = this.entries.find((one) => one.key === key);
		if (!entry) return;
		const body = new FormData();
		for (const [name, value] of Object.entries(entry.typed)) body.set(name, value);
		try {
			const response = await fetch(action, {
				method: 'POST',
				body,
				headers: { 'x-sveltekit-action': 'true' }
			});
			const answer = deserialize(await response.text());
			if (answer.type === 'success') {
				entry.packs = (answer.data?.written ?? []) as WrittenPack[];
				entry.state = 'saved';
				return;
			}
			if (answer.type === 'failure')
				entry.errors = (answer.data?.errors ?? {}) as Record<string, string>;
			entry.message = Object.values(entry.errors)[0] ?? w.already.notSent;
		} catch (error) {
			console.error('An entry was not sent:', error);
			entry.message = w.already.notSent;
		}
		entry.state = 'failed';
	}
}
