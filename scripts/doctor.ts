import { existsSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { DataFolderInUse } from '../src/lib/server/db/lock.ts';
import { examine } from '../src/lib/server/doctor/examine.ts';

/** `npm run doctor`: looks a data folder over (ALMACEN_DATA, default data) and says in words what it found. */
const dataDir = resolve(process.env.ALMACEN_DATA || 'data');
if (!existsSync(dataDir) || !statSync(dataDir).isDirectory()) {
	console.log(
		`There is no data folder at ${dataDir}. It is made when the application first starts.`
	);
	process.exit(2);
}
try {
	const findings = await examine(dataDir, Date.now());
	for (const { good, says } of findings) console.log(`${good ? 'good ' : 'BAD  '} ${says}`);
	const bad = findings.filter((finding) => !finding.good).length;
	console.log(
		bad === 0 ? 'All is well.' : `${bad} ${bad === 1 ? 'thing wants' : 'things want'} a hand.`
	);
	process.exit(bad === 0 ? 0 : 1);
} catch (error) {
	const running = error instanceof DataFolderInUse;
	console.log(
		running
			? 'The application is running on this folder. Stop it, then ask again.'
			: `The folder cannot be looked over: ${(error as Error).message}`
	);
	process.exit(running ? 3 : 1);
}
