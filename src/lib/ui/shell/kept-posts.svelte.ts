import type { SubmitFunction } from '@sveltejs/kit';
import { deserialize } from '$app/forms';
import { invalidateAll } from '$app/navigation';
import type { IDBPDatabase } from 'idb';
import { clock } from './clock.svelte';
import { fateOf, formTold, toldBy, type FormAnswer } from './fate';
import { refusals } from './refusals.svelte';
import { whenOnline } from './when-online';

/** A form that could not be sent: where to, and what stood in it. */
interface KeptPost {
	action: string;
	fields: [string, string][];
}

const tryAgainMs = 5_000;
const store = 'posts';

/**
 * Short entries (a reading, a note) that were made without a connection: kept on this device, sent in their order when it is back.
 * Each carries the moment it was made, by which the server knows one it has already.
 */
class KeptPosts {
	/** how many wait */
	waiting = $state(0);
	/** the household asks who this is before it takes them */
	needsSignIn = $state(false);
	private database: Promise<IDBPDatabase> | null = null;
	private sending = false;

	private open(): Promise<IDBPDatabase> {
		this.database ??= import('idb').then(({ openDB }) =>
			openDB('almacen', 1, {
				upgrade: (db) => void db.createObjectStore(store, { autoIncrement: true })
			})
		);
		return this.database;
	}

	/** Sends what waits, now and whenever the connection comes back; gives the way to stop. */
	start(): () => void {
		return whenOnline(
			() => void this.send(),
			tryAgainMs,
			() => this.waiting > 0
		);
	}

	async put(post: KeptPost): Promise<void> {
		const db = await this.open();
		await db.add(store, post);
		this.waiting = await db.count(store);
	}

	private async send(): Promise<void> {
		if (this.sending) return;
		this.sending = true;
		let sent = false;
		try {
			const db = await this.open();
			const keys = await db.getAllKeys(store);
			this.waiting = keys.length;
			for (const key of keys) {
				const { action, fields } = (await db.get(store, key)) as KeptPost;
				const body = new FormData();
				for (const [name, value] of fields) body.append(name, value);
				const answer = await fetch(action, {
					method: 'POST',
					body,
					headers: { 'x-sveltekit-action': 'true' }
				});
				const { fate, says } = toldBy(answer.status, await answer.text(), (text) =>
					formTold(deserialize(text) as FormAnswer, answer.status)
				);
				this.needsSignIn = answer.status === 401;
				// those behind it come after it, when it has been taken
				if (fate === 'later') break;
				if (fate === 'refused')
					refusals.add({ says, entry: entryText(fields), href: pageOf(action) });
				await db.delete(store, key);
				this.waiting--;
				sent = true;
			}
			if (sent) await invalidateAll();
		} catch (error) {
			// still no connection: they wait, and the page says so
			if (!(error instanceof TypeError)) throw error;
		} finally {
			this.sending = false;
		}
	}
}

/** What stood in it, for the one who entered it. */
const entryText = (fields: KeptPost['fields']): string =>
	fields
		.filter(([name, value]) => value !== '' && name !== 'saidAtMs')
		.map(([, value]) => value)
		.join(', ');
const pageOf = (action: string): string => new URL(action, location.href).pathname;

export const keptPosts = new KeptPosts();

/** For `use:enhance`, around what a form does anyway: without a connection its entry waits on this device and the form is free again. */
export function keptWhenAway(inner: SubmitFunction, kept: () => void): SubmitFunction {
	return async (input) => {
		const { action, formData } = input;
		formData.set('saidAtMs', String(Math.round(clock.ms)));
		const after = await inner(input);
		return async (answered) => {
			const { result } = answered;
			if (result.type === 'error' && fateOf(result.status ?? 0) === 'later') {
				const fields = [...formData].flatMap(([name, value]): [string, string][] =>
					typeof value === 'string' ? [[name, value]] : []
				);
				await keptPosts.put({ action: action.href, fields });
				kept();
			} else if (after) await after(answered);
			else await answered.update();
		};
	};
}
