import { fork, type ForkOptions } from 'node:child_process';

/** How a process ended that said nothing of use. */
export interface EndedEarly {
	/** the signal that ended it: its deadline, where nobody else sent one */
	signal: NodeJS.Signals | null;
	/** the last of what it wrote */
	said: string;
}

const mostSaid = 100_000;

/**
 * Runs a script in a process of its own that may end or hang without harm. Every message of it goes to `heard`; resolves with how
 * it ended, rejects when it cannot be started.
 */
export function anotherProcess(
	script: string,
	{
		args = [],
		asked,
		deadlineMs,
		heard,
		...options
	}: Pick<ForkOptions, 'env' | 'execArgv' | 'serialization'> & {
		args?: string[];
		/** sent to it at its start */
		asked?: object;
		deadlineMs: number;
		heard(message: unknown): void;
	}
): Promise<EndedEarly> {
	return new Promise((resolve, reject) => {
		const child = fork(script, args, {
			...options,
			stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
			timeout: deadlineMs
		});
		let said = '';
		for (const stream of [child.stdout, child.stderr])
			stream?.on('data', (data) => (said = (said + String(data)).slice(-mostSaid)));
		child.on('message', heard);
		child.on('error', reject);
		child.on('exit', (_code, signal) => resolve({ signal, said }));
		if (asked) child.send(asked);
	});
}
