/** Addresses that open one thing by a token of its own, and those anybody needs to get in. */
const open = /^\/(sign-in|pair\/|helper\/|calendar\/|api\/v1\/|health$)/;
const loopbackHosts = new Set(['localhost', '127.0.0.1', '[::1]']);
/** Whether a name is the machine's own name for itself. */
export const isLoopbackName = (hostname: string): boolean => loopbackHosts.has(hostname);
const loopback = /^(127\.|::1$|::ffff:127\.)/;

/** Whether a request comes from the machine it runs on, under one of that machine's own names. A proxy beside it says another name. */
export const isThisMachine = (hostname: string, clientAddress: string): boolean =>
	loopbackHosts.has(hostname) && loopback.test(clientAddress);

export type Gate = 'open' | 'sign-in' | 'refused';

/** What a request gets: answered, sent to sign in, or refused. */
export function gateOf(asked: {
	hasPassphrase: boolean;
	signedIn: boolean;
	pathname: string;
	method: string;
	hostname: string;
	clientAddress: string;
}): Gate {
	if (!asked.hasPassphrase || asked.signedIn || open.test(asked.pathname)) return 'open';
	if (isThisMachine(asked.hostname, asked.clientAddress)) return 'open';
	return asked.method === 'GET' ? 'sign-in' : 'refused';
}

/** Where a device goes after it signed in: a page of this application, never another address. */
export const placeWithin = (to: string | null): string =>
	to && /^\/(?![/\\])[\w\-/?=&.,:%]*$/.test(to) ? to : '/';
