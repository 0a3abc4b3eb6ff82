import type { SubmitFunction } from '@sveltejs/kit';
import { invalidateAll } from '$app/navigation';
import type { IDBPDatabase } from 'idb';
import { clock } from './clock.svelte';
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
		try {
			const db = await this.open();
			const keys = await db.getAllKeys(store);
			this.waiting = keys.length;
			for (const key of keys) {
				const { action, fields } = (await db.get(store, key)) as KeptPost;
				const body = new FormData();
				for (const [name, value] of fields) body.append(name, value);
				await fetch(action, { method: 'POST', body, headers: { 'x-sveltekit-action': 'true' } });
				// what the server refuses now it would refuse again
				await db.delete(store, key);
				this.waiting--;
			}
			if (keys.length > 0) await invalidateAll();
		} catch (error) {
			// still no connection: they wait, and the page says so
			if (!(error instanceof TypeError)) throw error;
		} finally {
			this.sending = false;
		}
	}
}

export const keptPosts = new KeptPosts();

/** For `use:enhance`, around what a form does anyway: without a connection its entry waits on this device and the form is free again. */
export function keptWhenAway(inner: SubmitFunction, kept: () => void): SubmitFunction {
	return async (input) => {
		const { action, formData } = input;
		formData.set('saidAtMs', String(Math.round(clock.ms)));
		const after = await inner(input);
		return async (answered) => {
			const { result } = answered;
			if (result.type === 'error' && result.error instanceof TypeError) {
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
