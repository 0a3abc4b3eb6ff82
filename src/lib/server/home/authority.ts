import { existsSync } from 'node:fs';
import { chmod, mkdir, readFile } from 'node:fs/promises';
import { isIP } from 'node:net';
import { join } from 'node:path';
import 'reflect-metadata';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import { writeWhole } from '../whole-file.ts';

const dayMs = 86_400_000;
/** What browsers take at most from a private authority without complaint is 825 days; public ones give 398 (CA/Browser Forum, from memory). */
const certificateDays = 397;
const renewDays = 30;
const authorityYears = 10;
const algorithm = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
x509.cryptoProvider.set(crypto);

export interface HomeCertificate {
	/** PEM: what the server proves itself by, with the authority's own behind it */
	cert: string;
	key: string;
	/** PEM: what is installed on a phone */
	authority: string;
	/** SHA-256 of the authority's certificate, to be compared by eye */
	fingerprint: string;
	untilMs: number;
}

/** Networks at home (RFC 1918, RFC 3927, RFC 4193): an authority is limited to them. */
const homeNetworks = [
	'10.0.0.0/8',
	'172.16.0.0/12',
	'192.168.0.0/16',
	'169.254.0.0/16',
	'127.0.0.0/8',
	'fc00::/7',
	'::1/128'
];
const homeNames = ['local', 'home.arpa', 'lan', 'localhost'];

/** What a machine is called by. */
interface Called {
	ips: readonly string[];
	names: readonly string[];
}

/** This authority vouches for names and addresses at home, and those the machine had when it was made, and for nothing else (RFC 5280, 4.2.1.10): stolen, it is of no use outside. */
function onlyAtHome({ names, ips }: Called): x509.Extension {
	const permitted = [
		...[...homeNames, ...names].map((dNSName) => new GeneralName({ dNSName })),
		...[...homeNetworks, ...ips.map((ip) => `${ip}/${isIP(ip) === 4 ? 32 : 128}`)].map(
			(iPAddress) => new GeneralName({ iPAddress })
		)
	].map((base) => new GeneralSubtree({ base }));
	const constraints = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(permitted) });
	return new x509.Extension('2.5.29.30', true, AsnConvert.serialize(constraints));
}

const serial = () => Buffer.from(crypto.getRandomValues(new Uint8Array(16))).toString('hex');
const newKeys = () => crypto.subtle.generateKey(algorithm, true, ['sign', 'verify']);

async function keyText(key: CryptoKey): Promise<string> {
	return x509.PemConverter.encode(await crypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');
}
const keyOf = (pem: string): Promise<CryptoKey> =>
	crypto.subtle.importKey('pkcs8', x509.PemConverter.decodeFirst(pem), algorithm, true, ['sign']);

async function makeAuthority(dir: string, called: Called, nowMs: number): Promise<void> {
	const keys = await newKeys();
	const made = await x509.X509CertificateGenerator.createSelfSigned({
		serialNumber: serial(),
		name: `CN=Almacen at home ${serial().slice(0, 6)}`,
		notBefore: new Date(nowMs - dayMs),
		notAfter: new Date(nowMs + authorityYears * 365 * dayMs),
		signingAlgorithm: algorithm,
		keys,
		extensions: [
			new x509.BasicConstraintsExtension(true, 0, true),
			new x509.KeyUsagesExtension(
				x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign,
				true
			),
			await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
			onlyAtHome(called)
		]
	});
	await writeWhole(join(dir, 'authority.key'), await keyText(keys.privateKey));
	await writeWhole(join(dir, 'authority.crt'), made.toString('pem'));
}

async function makeCertificate(
	dir: string,
	called: readonly string[],
	nowMs: number
): Promise<void> {
	const authority = new x509.X509Certificate(await readFile(join(dir, 'authority.crt'), 'utf8'));
	const keys = await newKeys();
	const made = await x509.X509CertificateGenerator.create({
		serialNumber: serial(),
		subject: 'CN=Almacen',
		issuer: authority.subject,
		notBefore: new Date(nowMs - dayMs),
		notAfter: new Date(nowMs + certificateDays * dayMs),
		signingAlgorithm: algorithm,
		publicKey: keys.publicKey,
		signingKey: await keyOf(await readFile(join(dir, 'authority.key'), 'utf8')),
		extensions: [
			new x509.BasicConstraintsExtension(false, undefined, true),
			new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
			new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
			new x509.SubjectAlternativeNameExtension(
				called.map((value) => ({ type: isIP(value) ? ('ip' as const) : ('dns' as const), value }))
			),
			await x509.AuthorityKeyIdentifierExtension.create(authority.publicKey)
		]
	});
	await writeWhole(join(dir, 'server.key'), await keyText(keys.privateKey));
	await writeWhole(join(dir, 'server.crt'), made.toString('pem'));
}

/** Names and addresses a certificate is for. */
function calledIn(certificate: x509.X509Certificate): string[] {
	const extension = certificate.getExtension(x509.SubjectAlternativeNameExtension);
	return extension?.names.items.map(({ value }) => value) ?? [];
}

/**
 * The household's own certificate authority and this machine's certificate, in a folder only its owner reads. The authority is made
 * once; the certificate is made anew when it ends within a month, or the machine is called by a name or address it is not for.
 */
export async function homeCertificate(
	dir: string,
	called: Called,
	nowMs: number
): Promise<HomeCertificate> {
	await mkdir(dir, { recursive: true, mode: 0o700 });
	await chmod(dir, 0o700);
	if (!existsSync(join(dir, 'authority.crt'))) await makeAuthority(dir, called, nowMs);
	const all = ['localhost', '127.0.0.1', ...called.ips, ...called.names];
	const path = join(dir, 'server.crt');
	const old = existsSync(path) ? new x509.X509Certificate(await readFile(path, 'utf8')) : null;
	const isGood =
		old !== null &&
		old.notAfter.getTime() - nowMs > renewDays * dayMs &&
		all.every((name) => calledIn(old).includes(name));
	if (!isGood) await makeCertificate(dir, all, nowMs);
	const text = (name: string) => readFile(join(dir, name), 'utf8');
	const authority = await text('authority.crt');
	const cert = await text('server.crt');
	const print = Buffer.from(await new x509.X509Certificate(authority).getThumbprint('SHA-256'));
	return {
		cert: `${cert}\n${authority}`,
		key: await text('server.key'),
		authority,
		fingerprint: print.toString('hex').toUpperCase().match(/../g)!.join(':'),
		untilMs: new x509.X509Certificate(cert).notAfter.getTime()
	};
}
