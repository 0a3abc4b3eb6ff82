import { connect } from 'node:net';

/** Where the roll printer listens: host and port. A stand-in is in stand-ins/label-printer.mjs, its protocol in docs/label-printer.md. */
const address = () => {
	const [host, port] = (process.env.ALMACEN_PRINTER ?? '127.0.0.1:4792').split(':');
	return { host, port: Number(port) };
};

/** A printer takes a second or two for a label; after this long the page asks what to do. */
const patienceMs = 8_000;

export type PrintOutcome =
	/** on paper now */
	| 'printed'
	/** was on paper already: the same label sent again */
	| 'already'
	| 'no-paper'
	/** taken, but not said to be ready in time */
	| 'slow'
	/** nobody answers */
	| 'silent'
	/** it says it cannot */
	| 'refused';
const answers: readonly PrintOutcome[] = ['printed', 'already', 'no-paper', 'refused'];

/** Sends a label (PBM, binary) to the roll printer and waits for its word. */
export function printLabel(id: string, picture: Uint8Array): Promise<PrintOutcome> {
	return new Promise((resolve) => {
		const socket = connect(address());
		let said = '';
		let connected = false;
		const done = (outcome: PrintOutcome) => {
			clearTimeout(patience);
			socket.destroy();
			resolve(outcome);
		};
		const patience = setTimeout(() => done(connected ? 'slow' : 'silent'), patienceMs);
		socket.on('connect', () => {
			connected = true;
			socket.write(`LABEL ${id} ${picture.length}\n`);
			socket.write(picture);
		});
		socket.on('data', (chunk) => {
			said += chunk.toString('utf8');
			if (!said.includes('\n')) return;
			const [word] = said.split(/\s/);
			done(answers.find((known) => known === word) ?? 'refused');
		});
		socket.on('error', () => done('silent'));
		socket.on('close', () => done(connected ? 'slow' : 'silent'));
	});
}
