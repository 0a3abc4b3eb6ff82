import { cpSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { LoopDisk } from './loop-disk.ts';
import { lostOf, pauseMs, TriedServer, writing } from './tried-server.ts';
import type { Row } from './row.ts';

const port = 4840;
const startMs = Date.UTC(2020, 0, 1);
const inTmp = () => mkdtempSync(join(tmpdir(), 'almacen-soak-'));

/** Power cuts at moments of their own, from within seconds of a start on: the disk's image is copied while the server writes. */
export async function powerCuts(template: string, times: number): Promise<Row> {
	const root = inTmp();
	let written = 0;
	let lost = 0;
	let opened = 0;
	for (let n = 0; n < times; n++) {
		const disk = LoopDisk.make(root, 400);
		cpSync(template, join(disk.dir, 'data'), { recursive: true });
		const server = new TriedServer(join(disk.dir, 'data'), port);
		await server.start();
		const work = writing(server, startMs);
		await pauseMs(300 + n * 250);
		const acknowledged = [...work.acknowledged];
		server.pause();
		const left = disk.cut('cut');
		await server.end('SIGKILL');
		await work.stop();
		const after = new TriedServer(join(left.dir, 'data'), port);
		if (await after.start()) {
			opened++;
			written += acknowledged.length;
			lost += lostOf(await after.kept(), acknowledged);
			await after.end('SIGTERM');
		}
		left.drop();
		disk.drop();
	}
	rmSync(root, { recursive: true });
	return {
		tried:
			'power cut while writing (the image of a loop-mounted ext4 is copied, a server starts on the copy)',
		times: `${times}, ${written} acknowledged writes`,
		survived: `${opened} of ${times} opened`,
		lost: `${lost} acknowledged writes`
	};
}

/** `kill -9` at moments of their own. */
export async function kills(template: string, times: number): Promise<Row> {
	const root = inTmp();
	const dataDir = join(root, 'data');
	cpSync(template, dataDir, { recursive: true });
	const server = new TriedServer(dataDir, port);
	const all: number[] = [];
	let opened = 0;
	for (let n = 0; n < times; n++) {
		if (!(await server.start())) break;
		opened++;
		const work = writing(server, startMs + n * 3_600_000);
		await pauseMs(50 + ((n * 137) % 900));
		await server.end('SIGKILL');
		await work.stop();
		all.push(...work.acknowledged);
	}
	await server.start();
	const lost = lostOf(await server.kept(), all);
	await server.end('SIGTERM');
	rmSync(root, { recursive: true });
	return {
		tried: 'kill -9 while writing',
		times: `${times}, ${all.length} acknowledged writes`,
		survived: `${opened} of ${times} opened`,
		lost: `${lost} acknowledged writes`
	};
}

/** A disk that fills while the server writes, first below the floor, then wholly; then there is room again, without a restart. */
export async function fullDisk(template: string): Promise<Row> {
	const root = inTmp();
	const disk = LoopDisk.make(root, 300);
	const dataDir = join(disk.dir, 'data');
	cpSync(template, dataDir, { recursive: true });
	const server = new TriedServer(dataDir, port);
	await server.start();
	const work = writing(server, startMs);
	await pauseMs(1000);
	const ballast = join(disk.dir, 'ballast');
	let full = false;
	for (let n = 0; !full; n++)
		try {
			writeFileSync(`${ballast}-${n}`, Buffer.alloc(8 * 1024 * 1024));
		} catch {
			full = true;
		}
	await pauseMs(4000);
	const refused = await server.write(startMs - 1);
	const reads = await Promise.all(
		['/freezer', '/table', '/menu'].map(async (path) => (await fetch(server.base + path)).status)
	);
	for (let n = 0; ; n++)
		try {
			if (statSync(`${ballast}-${n}`).size >= 0) rmSync(`${ballast}-${n}`);
		} catch {
			break;
		}
	await pauseMs(4000);
	const again = await server.write(startMs - 2000);
	await work.stop();
	const lost = lostOf(await server.kept(), work.acknowledged);
	await server.end('SIGTERM');
	const next = await server.start();
	const lostAfter = lostOf(await server.kept(), work.acknowledged);
	await server.end('SIGTERM');
	disk.drop();
	rmSync(root, { recursive: true });
	return {
		tried: 'disk that fills to the last byte while the server writes, then has room again',
		times: `1, ${work.acknowledged.length} acknowledged writes`,
		survived: `full: a write is answered ${refused}, pages ${reads.join(', ')}; with room again and no restart a write is answered ${again}; ${next ? 'opens' : 'does not open'} afterwards`,
		lost: `${lost + lostAfter} acknowledged writes`
	};
}
