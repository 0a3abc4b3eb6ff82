import { createServer, type RequestListener, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { join } from 'node:path';
import QRCode from 'qrcode';
import { startPairing } from '../access/household-passphrase.ts';
import { repeatedly } from '../repeatedly.ts';
import { homeCertificate, type HomeCertificate } from './authority.ts';
import { installPage } from './install-page.ts';
import { inUrl, ownAddresses } from './own-addresses.ts';

const authorityPath = '/almacen-authority.crt';
const dayMs = 86_400_000;

export interface AtHome {
	server: Server;
	/** a plain server beside it, which gives a phone the authority and nothing else */
	install: Server;
	/** what devices call it by, the first one first */
	addresses: string[];
	/** where a phone gets the authority */
	installAddress: string;
	certificate: HomeCertificate;
}

/** Serves by https under every name and address this machine has at home. `port`, and the next one for what a phone installs first. */
export async function serveHome(
	dataDir: string,
	port: number,
	listener: RequestListener
): Promise<AtHome> {
	const dir = join(dataDir, 'home');
	const called = ownAddresses();
	const certificate = await homeCertificate(dir, called, Date.now());
	const server = createSecureServer({ cert: certificate.cert, key: certificate.key }, listener);
	// a server that runs for a year goes on with the next certificate
	const renew = async () => {
		const { cert, key } = await homeCertificate(dir, ownAddresses(), Date.now());
		server.setSecureContext({ cert, key });
	};
	repeatedly(renew, { everyMs: dayMs, failed: 'the certificate was not renewed' });
	const reached = called.ips[0] ?? '127.0.0.1';
	const install = createServer((request, response) => {
		const isFile = request.url === authorityPath;
		if (request.method !== 'GET' || (!isFile && request.url !== '/')) {
			response.writeHead(404).end();
			return;
		}
		response.writeHead(200, {
			'content-type': isFile ? 'application/x-x509-ca-cert' : 'text/html; charset=utf-8',
			'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
			'x-content-type-options': 'nosniff'
		});
		const next = `https://${inUrl(reached)}:${port}/`;
		response.end(
			isFile
				? certificate.authority
				: installPage({ file: authorityPath, fingerprint: certificate.fingerprint, next })
		);
	});
	return {
		server: server as unknown as Server,
		install,
		addresses: [...called.ips, ...called.names].map((one) => `https://${inUrl(one)}:${port}`),
		installAddress: `http://${inUrl(reached)}:${port + 1}/`,
		certificate
	};
}

/** What stands in the terminal: two codes to scan, one after the other. */
export async function announce(atHome: AtHome, dataDir: string): Promise<string> {
	const code = await startPairing(dataDir, 'First device', Date.now());
	const pair = `${atHome.addresses[0] ?? 'https://127.0.0.1'}/pair/${code}`;
	const drawn = (text: string) => QRCode.toString(text, { type: 'utf8' });
	return [
		`Serving at home: ${atHome.addresses.join('  ')}`,
		'',
		'1. On a phone or tablet, once: scan this and install the household’s certificate authority.',
		`   Its SHA-256 fingerprint: ${atHome.certificate.fingerprint}`,
		await drawn(atHome.installAddress),
		`   ${atHome.installAddress}`,
		'',
		'2. Then scan this within five minutes; it lets one device in without the passphrase.',
		await drawn(pair),
		`   ${pair}`,
		'',
		'Further devices: Household, Devices and programs.'
	].join('\n');
}
