import type { Shown } from '../shown.ts';

export const rootError = {
	almacen: (a: Shown) => `${a} · Almacen`,
	referenceInTheServers: (a: Shown) => `Reference ${a}, in the server’s log.`,
	toTheFreezer: 'To the freezer',
	notHere: 'Not here',
	thatDidNotWork: 'That did not work'
};
