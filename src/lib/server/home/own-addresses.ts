import { hostname, networkInterfaces } from 'node:os';

/** What devices at home can call this machine by: its addresses on the network, and its names (mDNS, RFC 6762, gives the one with .local). */
export function ownAddresses(): { ips: string[]; names: string[] } {
	const ips = Object.values(networkInterfaces())
		.flat()
		.filter((one) => one && !one.internal && !one.address.startsWith('fe80'))
		.map((one) => one!.address)
		// the one a phone is most likely to reach first
		.sort((a, b) => Number(a.includes(':')) - Number(b.includes(':')));
	const name = hostname()
		.toLowerCase()
		.replace(/\.local$/, '');
	const isName = /^[a-z0-9]([a-z0-9.-]*[a-z0-9])?$/.test(name) && name !== 'localhost';
	return { ips, names: isName ? [`${name}.local`, name] : [] };
}

/** An address as it stands in a URL. */
export const inUrl = (address: string): string =>
	address.includes(':') ? `[${address}]` : address;
