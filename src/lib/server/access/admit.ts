/** What a request says of itself, as far as it decides whether it is answered. */
export interface Asking {
	readonly method: string;
	/** the `Host` header */
	readonly host: string | undefined;
	/** the `Origin` header; pages send it with whatever they write */
	readonly origin: string | undefined;
	readonly contentType: string | undefined;
	/** it carries a program's own token, which no page of another site can send */
	readonly bearer?: boolean;
	/** it came by https to this process itself */
	readonly encrypted?: boolean;
	/** this machine's own address that the connection came to */
	readonly localAddress: string | undefined;
}

export type Admission =
	| { readonly outcome: 'admitted'; readonly scheme: 'http' | 'https' }
	| { readonly outcome: 'refused'; readonly status: 403 | 415 | 421; readonly says: string };

/** The addresses typed in browsers besides this machine's own, from a list such as "https://kitchen.example, http://pi:4780". */
export function configuredOrigins(list: string | undefined): readonly URL[] {
	return (list ?? '')
		.split(/[\s,]+/)
		.filter(Boolean)
		.map((text) => {
			const url = URL.canParse(text) ? new URL(text) : null;
			if (!url || !/^https?:$/.test(url.protocol) || url.host === '')
				throw new Error(
					`ALMACEN_ORIGIN holds "${text}": write addresses such as https://kitchen.example, with commas between them.`
				);
			return url;
		});
}

const loopbackNames = new Set(['localhost', '127.0.0.1', '[::1]']);
const reading = new Set(['GET', 'HEAD', 'OPTIONS']);
const writable =
	/^(application\/(json|x-www-form-urlencoded)|image\/x-portable-bitmap|multipart\/form-data)\s*(;|$)/i;

/**
 * Whether a request may be answered, and under which scheme. Only names of this machine and configured ones are: a page of another site whose
 * name was made to point here (DNS rebinding) carries its own name in `Host` and gets 421. What writes must come from a page of
 * this same address (`Origin`), and say what it sends (a form, JSON, or a picture for the printer).
 */
export function admit(asking: Asking, configured: readonly URL[]): Admission {
	const address = parsedHost(asking.host ?? '');
	const own = address !== null && isOwn(address, asking.localAddress, configured);
	if (!address || !own)
		return refused(
			421,
			`This is not an address of this Almacen: ${asking.host ?? 'none was said'}. Open it by the name it was set up with.`
		);
	const known = configured.find((url) => url.host === address.host);
	const scheme = asking.encrypted || known?.protocol === 'https:' ? 'https' : 'http';
	if (reading.has(asking.method)) return { outcome: 'admitted', scheme };
	const isProgram = asking.bearer && asking.origin === undefined;
	if (!isProgram && asking.origin !== new URL(`${scheme}://${address.host}`).origin)
		return refused(403, 'Only a page of this same Almacen may change anything in it.');
	if (asking.contentType !== undefined && !writable.test(asking.contentType))
		return refused(415, 'Send a form or JSON, and say which in Content-Type.');
	return { outcome: 'admitted', scheme };
}

/** A name of this machine, the address the connection came to, or a configured name (on any port). */
const isOwn = (address: URL, localAddress: string | undefined, configured: readonly URL[]) =>
	loopbackNames.has(address.hostname) ||
	address.hostname === literal(localAddress) ||
	configured.some((url) => url.hostname === address.hostname);

const refused = (status: 403 | 415 | 421, says: string): Admission => ({
	outcome: 'refused',
	status,
	says
});

/** Only a name and a port: nothing that a URL would take for a path or a user. */
function parsedHost(host: string): URL | null {
	if (!/^(\[[0-9a-f:.]+\]|[\w.-]+)(:\d{1,5})?$/i.test(host)) return null;
	return URL.canParse(`http://${host}`) ? new URL(`http://${host}`) : null;
}

/** An address of a socket as a browser writes it in `Host`. */
function literal(localAddress: string | undefined): string | null {
	if (!localAddress) return null;
	const v4 = localAddress.replace(/^::ffff:(?=\d+\.)/, '');
	return v4.includes(':') ? `[${v4}]` : v4;
}
