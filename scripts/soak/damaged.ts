import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeCopy } from '../../src/lib/server/copies/copy-folder.ts';
import { openDatabase } from '../../src/lib/server/db/open.ts';
import { examine } from '../../src/lib/server/doctor/examine.ts';
import { damages, marksOf } from '../../src/lib/server/testing/damage.ts';
import type { Row } from './row.ts';

/** Every kind of damage to the files of a data folder, and whether the doctor says what it is. */
export async function damaged(template: string): Promise<Row> {
	const root = mkdtempSync(join(tmpdir(), 'almacen-soak-'));
	const sound = join(root, 'sound');
	cpSync(template, sound, { recursive: true });
	const opened = await openDatabase({ dataDir: sound, migrationsDir: 'drizzle' });
	const marks = await marksOf(opened.client);
	await makeCopy(opened, sound, Date.now());
	await opened.close();
	const wrong: string[] = [];
	for (const { name, says, apply } of damages) {
		const hurt = join(root, 'hurt');
		cpSync(sound, hurt, { recursive: true });
		await apply(hurt, marks);
		const bad = (await examine(hurt, Date.now()))
			.filter(({ good }) => !good)
			.map((f) => f.says)
			.join('\n');
		if (says ? !says.test(bad) : bad !== '') wrong.push(name);
		rmSync(hurt, { recursive: true });
	}
	rmSync(root, { recursive: true });
	return {
		tried: 'damage to the files of a data folder, then `npm run doctor`',
		times: `${damages.length} kinds`,
		survived: `${damages.length - wrong.length} said in words with what to do${wrong.length ? `; not: ${wrong.join(', ')}` : ''}`,
		lost: 'nothing is changed: it looks at a duplicate'
	};
}
