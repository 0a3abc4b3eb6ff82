import { createInterface } from 'node:readline/promises';
import { Writable } from 'node:stream';
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { announce, serveHome } from './lib/server/home/serve-home.ts';
import { leastPassphrase } from './lib/schemas/access-limits.ts';
import { hasPassphrase } from './lib/server/access/household-passphrase.ts';
import { admit, configuredOrigins } from './lib/server/access/admit.ts';

/**
 * The server's own entry around the built handler: it decides which hosts and origins are answered, takes the scheme from the
 * request's address instead of one fixed setting (laptop and phone call the same server by different names), and closes in order.
 */
type Handler = (request: IncomingMessage, response: ServerResponse, next: () => void) => void;

/** Ours alone: overwritten on every request, so nobody outside can say it. */
const schemeHeader = 'x-almacen-scheme';
const closingPatienceMs = 5000;

/** `npm start -- --home`: other devices reach it, by https. */
const atHome = process.argv.includes('--home') || process.env.ALMACEN_HOME === '1';
const dataDir = process.env.ALMACEN_DATA || 'data';
const host = process.env.ALMACEN_HOST || (atHome ? '0.0.0.0' : '127.0.0.1');
const port = Number(process.env.ALMACEN_PORT || process.env.PORT || 4780);

/** One sentence and an exit code instead of a trace: the person at the terminal set something wrong. */
function giveUp(says: string): never {
	console.error(says);
	process.exit(2);
}
if (!Number.isInteger(port) || port < 0 || port > 65_535)
	giveUp(`ALMACEN_PORT is "${process.env.ALMACEN_PORT}": write a number up to 65535.`);

const configured = (() => {
	try {
		return configuredOrigins(process.env.ALMACEN_ORIGIN);
	} catch (error) {
		return giveUp((error as Error).message);
	}
})();

// on any other address anybody of the network could read and change everything
const isLoopback = /^(127\.|::1$|localhost$)/.test(host);
/** Asked at the terminal where there is one; what is typed is not shown. */
async function askPassphrase(): Promise<string> {
	const quiet = new Writable({ write: (_chunk, _encoding, done) => done() });
	const terminal = createInterface({ input: process.stdin, output: quiet, terminal: true });
	process.stdout.write(`A passphrase for the household (${leastPassphrase} characters at least): `);
	const typed = await terminal.question('');
	terminal.close();
	process.stdout.write('\n');
	return typed;
}
const isFirst = (atHome || !isLoopback) && !hasPassphrase(dataDir);
const said = process.env.ALMACEN_PASSPHRASE ?? '';
if (said !== '' && said.length < leastPassphrase && !hasPassphrase(dataDir))
	giveUp(`ALMACEN_PASSPHRASE is too short: ${leastPassphrase} characters at least.`);
const passphrase = said || (isFirst && process.stdin.isTTY ? await askPassphrase() : '');
if (isFirst && passphrase.length < leastPassphrase)
	giveUp(
		`Almacen does not listen on ${host} without a passphrase for the household. Say one at the first start: ` +
			`ALMACEN_PASSPHRASE="…" (${leastPassphrase} characters at least); devices other than this one are asked for it.`
	);

// the application keeps it (hashed) once its folder is open
if (isFirst) process.env.ALMACEN_PASSPHRASE = passphrase;

process.env.PROTOCOL_HEADER = schemeHeader;
// how much may be sent is decided below, by what it is sent to
process.env.BODY_SIZE_LIMIT = 'Infinity';
delete process.env.ORIGIN;
const built = new URL('../handler.js', import.meta.url).href;
const { handler } = (await import(/* @vite-ignore */ built)) as { handler: Handler };

/** Said with every answer: what is sent is what it says it is, no other site frames it or learns its addresses, and of the device only the camera is asked for. */
const saidWithAll = {
	// what is of a household is asked for anew, and kept by nothing in between; files of the build say otherwise themselves
	'cache-control': 'private, no-cache',
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'permissions-policy': 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin'
} as const;

function listener(request: IncomingMessage, response: ServerResponse): void {
	const { headers } = request;
	const admission = admit(
		{
			method: request.method ?? 'GET',
			host: headers.host,
			origin: headers.origin,
			contentType: headers['content-type'],
			bearer:
				(request.url ?? '').startsWith('/api/v1/') && /^Bearer /.test(headers.authorization ?? ''),
			localAddress: request.socket.localAddress,
			encrypted: 'encrypted' in request.socket
		},
		known
	);
	if (admission.outcome === 'refused') return answer(response, admission.status, admission.says);
	const refused = tooMuch(request);
	if (refused) return answer(response, ...refused);
	for (const [name, value] of Object.entries(saidWithAll)) response.setHeader(name, value);
	headers[schemeHeader] = admission.scheme;
	handler(request, response, () => answer(response, 404, 'There is nothing here.'));
}

/** A paste of a few megabytes is refused in words by its form; an exported household may be as big as it is. */
const mostBytes = 6 * 1024 * 1024;
const mostExportedBytes = 512 * 1024 * 1024;

/** Why a request's body is not read: how much it is must be said, and be within reason for where it goes. */
function tooMuch({ headers, url = '' }: IncomingMessage): [number, string] | null {
	if (headers['transfer-encoding']) return [411, 'Say how much is sent (content-length).'];
	const most = url.startsWith('/household/copies') ? mostExportedBytes : mostBytes;
	return Number(headers['content-length'] ?? 0) > most
		? [413, `This is more than ${most / 1024 / 1024} MB, and too much to send at once.`]
		: null;
}

function answer(response: ServerResponse, status: number, says: string): void {
	response.writeHead(status, { 'content-type': 'text/plain; charset=utf-8', connection: 'close' });
	response.end(says);
}

/** By https at home, with what a phone installs first beside it. */
async function openHome(): Promise<Server> {
	const home = await serveHome(dataDir, port, listener);
	process.env.ALMACEN_ADDRESSES = home.addresses.join(' ');
	process.env.ALMACEN_INSTALL = home.installAddress;
	process.env.ALMACEN_FINGERPRINT = home.certificate.fingerprint;
	known = [...configured, ...home.addresses.map((address) => new URL(address))];
	home.install.on('error', (error) =>
		giveUp(`Almacen cannot listen on ${host}:${port + 1}: ${error.message}`)
	);
	home.install.listen(port + 1, host);
	home.server.on('listening', () => void announce(home, dataDir).then(console.log));
	return home.server;
}
let known = configured;
const server = atHome ? await openHome() : createServer(listener);
// longer than browsers and proxies keep a connection: one they are about to use again is never closed under them
server.keepAliveTimeout = 75_000;

server.on('error', (error: NodeJS.ErrnoException) =>
	giveUp(
		error.code === 'EADDRINUSE'
			? `Something else listens on ${host}:${port}. Stop it, or choose another port (ALMACEN_PORT).`
			: `Almacen cannot listen on ${host}:${port}: ${error.message}`
	)
);
server.listen(port, host, () =>
	console.log(`Listening on ${atHome ? 'https' : 'http'}://${host}:${port}`)
);

/** Lets answers under way finish, then tells the application to close its database. */
let closing = false;
function close(reason: NodeJS.Signals): void {
	if (closing) return;
	closing = true;
	server.close(() => process.emit('sveltekit:shutdown' as never, reason as never));
	server.closeIdleConnections();
	setTimeout(() => server.closeAllConnections(), closingPatienceMs).unref();
}
process.on('SIGTERM', close);
process.on('SIGINT', close);
