import { browser } from '$app/environment';
import { fateOf, toldBy } from './fate';
import { refusals } from './refusals.svelte';
import { whenOnline } from './when-online';

const tryAgainMs = 5_000;

/**
 * What was entered on this device and has not reached the server: kept on the device, sent in order, sent again when the
 * connection is back. `arrived` is called with the server's answer.
 */
export class Outbox<T> {
	waiting = $state<T[]>([]);
	private readonly path: string;
	private readonly storageKey: string;
	private readonly keyOf: (entry: T) => string;
	private readonly arrived: (answer: unknown) => void | Promise<void>;
	private sending = false;
	/** what was refused among others is sent by itself, so that the rest goes on */
	private oneByOne = false;
	/** keys of entries the server has, whose answer is not taken in yet */
	private answered = $state<string[]>([]);

	constructor(options: {
		path: string;
		storageKey: string;
		keyOf: (entry: T) => string;
		arrived: (answer: unknown) => void | Promise<void>;
	}) {
		this.path = options.path;
		this.storageKey = options.storageKey;
		this.keyOf = options.keyOf;
		this.arrived = options.arrived;
		if (browser) this.waiting = JSON.parse(localStorage.getItem(this.storageKey) ?? '[]') as T[];
	}

	/** Sends what waits, now and whenever the connection comes back; gives the way to stop. */
	start(): () => void {
		return whenOnline(() => void this.send(), tryAgainMs);
	}

	/** How many have not reached the server. */
	get unsent(): number {
		return this.waiting.length - this.answered.length;
	}

	/** Puts entries in, in place of those `replaces` says they overrule, and sends. */
	put(entries: readonly T[], replaces: (old: T) => boolean = () => false): Promise<void> {
		this.waiting = [...this.waiting.filter((old) => !replaces(old)), ...entries];
		this.keep();
		return this.send();
	}

	/** One request at a time, the next one as soon as there is more; an entry is let go when the answer to it has been taken in. */
	private async send(): Promise<void> {
		const unsent = ($state.snapshot(this.waiting) as T[]).filter(
			(entry) => !this.answered.includes(this.keyOf(entry))
		);
		const sent = this.oneByOne ? unsent.slice(0, 1) : unsent;
		if (sent.length === 0 || this.sending) return;
		this.sending = true;
		let goesOn = false;
		try {
			const answer = await fetch(this.path, {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(sent)
			});
			const text = await answer.text();
			let said: unknown;
			const { fate, says } = toldBy(answer.status, text, () => {
				said = JSON.parse(text);
				return { fate: fateOf(answer.status), says: messageIn(said) };
			});
			goesOn = fate !== 'later';
			if (fate === 'taken') void this.letGo(sent.map(this.keyOf), said);
			else if (fate === 'refused' && sent.length > 1) this.oneByOne = true;
			else if (fate === 'refused') this.refuse(sent[0], says);
		} catch (error) {
			// no connection: the entries wait, and the page says so
			if (!(error instanceof TypeError)) throw error;
		} finally {
			this.sending = false;
		}
		if (goesOn) await this.send();
		else this.oneByOne = false;
	}

	private async letGo(keys: string[], answer: unknown): Promise<void> {
		this.answered.push(...keys);
		await this.arrived(answer);
		this.waiting = this.waiting.filter((entry) => !keys.includes(this.keyOf(entry)));
		this.answered = this.answered.filter((key) => !keys.includes(key));
		this.keep();
	}

	private refuse(entry: T, says: string): void {
		refusals.add({ says, entry: JSON.stringify(entry), href: location.pathname });
		this.waiting = this.waiting.filter((other) => this.keyOf(other) !== this.keyOf(entry));
		this.keep();
	}

	private keep(): void {
		localStorage.setItem(this.storageKey, JSON.stringify(this.waiting));
	}
}

/** What a refusal says, as the framework words it. */
const messageIn = (said: unknown): string =>
	typeof said === 'object' && said !== null && 'message' in said ? String(said.message) : '';
