import { EventEmitter } from 'node:events';
import { together } from '../db/together.ts';

/** What open pages are told of: clocks and undo lines, or the state of a packing day. */
export type Change =
	/** `device`: whose page has just loaded it anew by itself */
	{ topic: 'clocks'; device?: string } | { topic: 'day' };

const emitter = new EventEmitter<{ change: [Change] }>();
// every open page listens
emitter.setMaxListeners(0);

/** Tells the pages of this process, and those of every other on the same database. */
export function tellChange(change: Change): void {
	emitter.emit('change', change);
	together().tell(JSON.stringify(change));
}

/** Passes on what other processes tell; after a time of not hearing them, every page looks again. */
export const hearChanges = (): void =>
	together().hear(
		(text) => void emitter.emit('change', JSON.parse(text) as Change),
		() => {
			emitter.emit('change', { topic: 'clocks' });
			emitter.emit('change', { topic: 'day' });
		}
	);

/** Calls back on every change until the returned function is called. */
export function onChange(listener: (change: Change) => void): () => void {
	emitter.on('change', listener);
	return () => void emitter.off('change', listener);
}

const closing = new EventEmitter<{ close: [] }>();
closing.setMaxListeners(0);

/** Ends every open stream, so that the server can close without waiting for pages that listen. */
export const closeStreams = (): void => void closing.emit('close');

const beatMs = 20_000;

/** The changes as server-sent events (WHATWG HTML, 9.2) for a device, with a beat that keeps the connection open. */
export function changeStream(device: string): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	let stop = () => {};
	return new ReadableStream({
		start(controller) {
			const send = (text: string) => controller.enqueue(encoder.encode(text));
			send('retry: 500\n\n');
			const off = onChange((change) => {
				if (change.topic === 'clocks' && change.device === device) return;
				send(`data: ${JSON.stringify({ topic: change.topic })}\n\n`);
			});
			const beat = setInterval(() => send(':\n\n'), beatMs);
			const end = () => {
				stop();
				controller.close();
			};
			stop = () => {
				off();
				clearInterval(beat);
				closing.off('close', end);
			};
			closing.on('close', end);
		},
		cancel: () => stop()
	});
}
