// A simulated roll printer for labels. One file, no dependencies: `node stand-ins/label-printer.mjs [port] [folder] [labels]`.
// It takes 1-bit pictures (PBM, binary) over a socket on 127.0.0.1 and keeps what it printed as pictures. docs/label-printer.md.
//
//   LABEL <id> <bytes>\n<PBM>   -> "printed <id>" | "already <id>" | "no-paper <id>" | "refused <id>"
//   ROLL <labels>\n             -> "ok"      a new roll with so many labels
//   DELAY <ms>\n                -> "ok"      how long a label takes
import { mkdirSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';

const port = Number(process.argv[2] ?? 4792);
const folder = process.argv[3] ?? 'data-printed';
let left = Number(process.argv[4] ?? 500);
let delayMs = 300;
let count = 0;
/** ids that are on paper, and those whose printing goes on */
const printed = new Set();
const printing = new Map();
mkdirSync(folder, { recursive: true });

/** Prints once, whoever asks and however often. */
function print(id, picture) {
	if (printed.has(id)) return Promise.resolve('already');
	if (printing.has(id)) return printing.get(id).then(() => 'already');
	if (!/^P4\s+\d+\s+\d+\s/.test(picture.subarray(0, 40).toString('latin1')))
		return Promise.resolve('refused');
	if (left <= 0) return Promise.resolve('no-paper');
	left--;
	const work = new Promise((resolve) => {
		setTimeout(() => {
			const name = `${String(++count).padStart(4, '0')}-${id.replace(/[^\w-]/g, '')}.pbm`;
			writeFileSync(join(folder, name), picture);
			printed.add(id);
			printing.delete(id);
			resolve('printed');
		}, delayMs);
	});
	printing.set(id, work);
	return work;
}

createServer((socket) => {
	let held = Buffer.alloc(0);
	socket.on('error', () => socket.destroy());
	socket.on('data', (chunk) => {
		held = Buffer.concat([held, chunk]);
		for (;;) {
			const end = held.indexOf(10);
			if (end < 0) return;
			const [word, a, b] = held.subarray(0, end).toString('utf8').trim().split(/\s+/);
			if (word === 'LABEL') {
				const bytes = Number(b);
				if (held.length < end + 1 + bytes) return;
				const picture = held.subarray(end + 1, end + 1 + bytes);
				held = held.subarray(end + 1 + bytes);
				void print(a, Buffer.from(picture)).then((answer) => {
					if (!socket.destroyed) socket.write(`${answer} ${a}\n`);
				});
				continue;
			}
			held = held.subarray(end + 1);
			if (word === 'ROLL') left = Number(a);
			else if (word === 'DELAY') delayMs = Number(a);
			else {
				socket.write('refused\n');
				continue;
			}
			socket.write('ok\n');
		}
	});
}).listen(port, '127.0.0.1', () =>
	console.log(`Label printer on 127.0.0.1:${port}, pictures in ${folder}`)
);
