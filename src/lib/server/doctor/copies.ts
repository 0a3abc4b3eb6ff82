import { join } from 'node:path';
import { copiesDir, listCopies } from '../copies/copy-folder.ts';
import { provenOf, troubleInside } from '../copies/proven.ts';
import { troubleWith } from '../copies/sound-copy.ts';
import { bad, good, type Finding } from './finding.ts';

const dayMs = 86_400_000;
const oldDays = 8;

/** Looks every copy over (each carries its checksum) and opens the newest; gives the newest that is whole to its last row. */
export async function ofCopies(
	dataDir: string,
	nowMs: number
): Promise<{ findings: Finding[]; newestSound: string | null }> {
	const findings: Finding[] = [];
	let newestSound: { name: string; madeAtMs: number } | null = null;
	const copies = await listCopies(dataDir);
	const proven = await provenOf(copiesDir(dataDir));
	for (const copy of copies) {
		const path = join(copiesDir(dataDir), copy.name);
		// the newest is opened, and those before it until one is whole
		const trouble =
			(await troubleWith(path)) ??
			(newestSound || proven.has(copy.name) ? null : await troubleInside(path));
		if (trouble)
			findings.push(
				bad(`The safe copy copies/${copy.name} is damaged (${trouble}); do not use it, delete it.`)
			);
		else newestSound ??= copy;
	}
	if (!newestSound)
		return {
			findings: [
				...findings,
				bad(
					copies.length === 0
						? 'There is no safe copy yet: start the application once and stop it, or export a file.'
						: 'No safe copy is sound.'
				)
			],
			newestSound: null
		};
	const days = Math.floor((nowMs - newestSound.madeAtMs) / dayMs);
	const age = days <= 0 ? 'today or yesterday' : `${days} days ago`;
	const says = `The newest sound copy was made ${age}: copies/${newestSound.name}`;
	findings.push(
		days < oldDays ? good(says) : bad(`${says}. Start the application: it makes one every day.`)
	);
	return { findings, newestSound: newestSound.name };
}
