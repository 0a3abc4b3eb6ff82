import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { anotherProcess } from '../../another-process.ts';
import type { Asked, Outcome, Told } from '../../proof.ts';

/** Renders every page of a household in a process of its own. */
export type Prove = (asked: Asked) => Promise<Outcome>;

const script = 'build/node/prove.js';
/** A household of years takes a minute or two. */
const deadlineMs = 600_000;

/** How far what is being proven is: pages rendered, of how many. */
let far: { shown: number; of: number } | null = null;
export const howFar = () => far;

/** One after the other: each takes a process and its memory. */
let before: Promise<unknown> = Promise.resolve();

export const proveApart: Prove = (asked) => {
	const mine = before.then(() => inAnotherProcess(asked)).finally(() => (far = null));
	before = mine.catch(() => undefined);
	return mine;
};

async function inAnotherProcess(asked: Asked): Promise<Outcome> {
	const path = resolve(script);
	if (!existsSync(path)) throw new Error(`${path} is missing: run "npm run build" first.`);
	// its database is in memory, whatever the household's is
	const { DATABASE_URL: _server, ALMACEN_PASSPHRASE: _said, ...settings } = process.env;
	let outcome: Outcome | null = null;
	const { signal, said } = await anotherProcess(path, {
		asked,
		// what it is asked for is no request of the household's
		env: { ...settings, ALMACEN_LOG: 'error' },
		execArgv: [],
		serialization: 'advanced',
		deadlineMs,
		heard: (message) => {
			const told = message as Told;
			if ('outcome' in told) outcome = told.outcome;
			else far = told;
		}
	});
	if (!outcome)
		throw new Error(signal ? `ended by ${signal}` : `ended early: ${said.slice(-2000)}`);
	return outcome;
}
