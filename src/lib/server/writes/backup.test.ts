import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import fc from 'fast-check';
import { applianceNames } from '../../core/appliances/index.ts';
import { backupText, readBackup, type Backup } from '../../formats/backup.ts';
import { backupVersion } from '../../formats/backup-versions.ts';
import type { Db } from '../db/db.ts';
import { exportAll } from '../queries/backup.ts';
import { importAll } from '../writes/backup.ts';
import { openTestDb, type TestClient } from '../testing/index.ts';

const ms = fc.integer({ min: 0, max: 4e12 });
const gone = fc.option(ms, { nil: null });
const name = fc
	.string({ unit: 'grapheme', minLength: 1, maxLength: 40 })
	.filter((text) => !text.includes('\u0000'));
const share = fc.double({ min: 0.001, max: 0.29, noNaN: true });
const json = fc.dictionary(fc.constantFrom('a', 'b', 'c'), fc.oneof(name, fc.boolean(), share));
const list = <T>(row: (id: number) => fc.Arbitrary<T>, most = 4) =>
	fc
		.integer({ min: 1, max: most })
		.chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => row(i + 1))));

/** Any household: rows with parents that exist, text in any script, any number the limits allow. */
const backup: fc.Arbitrary<Backup> = fc.record({
	format: fc.constant('almacen' as const),
	version: fc.constant(backupVersion),
	exportedAtMs: ms,
	lastSerial: fc.integer({ min: 1, max: 1e6 }),
	tables: fc.record({
		household: fc
			.record({
				id: fc.constant(1),
				system: fc.constantFrom('metric' as const, 'us' as const),
				temperature: fc.constantFrom('c' as const, 'f' as const),
				altitudeM: fc.double({ min: -400, max: 5000, noNaN: true }),
				roomC: share,
				refrigeratorC: share,
				timeZone: fc.constantFrom('Europe/Berlin', 'UTC', 'America/Denver'),
				clock: fc.constantFrom('24' as const, '12' as const),
				dayOrder: fc.constantFrom('dmy' as const, 'mdy' as const, 'ymd' as const),
				leads: fc.constantFrom('best-by' as const, 'good-to' as const),
				limits: json,
				settledAtMs: gone,
				houseMonths: fc.option(fc.integer({ min: 1, max: 12 }), { nil: null }),
				freezeAnyway: fc.array(name, { maxLength: 2 }),
				labelNutrition: fc.boolean(),
				budgetCents: fc.option(fc.nat(999), { nil: null }),
				currency: fc.constantFrom('EUR', null),
				calendarToken: fc.constantFrom('x', null),
				eaters: fc.constantFrom(5, null),
				weighed: fc.constantFrom({}, { 'twice 7': 5 }),
				labelSetup: json,
				slowCooker: json,
				pressureCooker: json,
				oven: json,
				owned: fc.record(
					{
						appliances: fc.subarray([...applianceNames]),
						microwaveW: fc.integer({ min: 300, max: 1600 }),
						boil: fc.record({ litres: fc.constant(1), minutes: fc.constant(6) })
					},
					{ requiredKeys: ['appliances'] }
				)
			})
			.map((row) => [row]),
		freezers: fc
			.record({
				id: fc.constant(1),
				name,
				volumeL: fc.double({ min: 1, max: 900, noNaN: true }),
				setC: fc.double({ min: -40, max: -6, noNaN: true }),
				settings: fc.constantFrom([], [{ fromMs: 0, setC: -18 }]),
				kind: fc.constantFrom('upright' as const, 'chest' as const),
				probe: fc.constantFrom('A', null),
				removedAtMs: gone
			})
			.map((row) => [row]),
		shelves: list((id) =>
			fc.record({
				id: fc.constant(id),
				freezerId: fc.constant(1),
				name,
				position: fc.nat(9),
				removedAtMs: gone
			})
		).map((rows) => rows),
		dishes: fc
			.record({
				id: fc.constant(7),
				name,
				servings: fc.integer({ min: 1, max: 100 }),
				kind: fc.constant('pulse-soup'),
				state: fc.constantFrom('raw' as const, 'cooked' as const),
				method: name,
				addOnDay: name,
				instruction: fc.option(json, { nil: null }),
				standsFor: fc.option(name, { nil: null }),
				learned: fc.constantFrom([], [{ appliance: 'oven', state: 'frozen', byMin: -4 }]),
				usualBatches: fc.constantFrom(2, null),
				pieces: fc.constantFrom({ count: 40, name: 'meatballs' }, null),
				plateOf: fc.constantFrom([{ dishId: null, name: 'peas', massKg: 0.08 }], null),
				allergens: fc.option(fc.array(name, { maxLength: 2 }), { nil: null }),
				steps: fc.option(fc.array(json, { maxLength: 2 }), { nil: null }),
				createdAtMs: ms,
				version: fc.nat(99),
				removedAtMs: gone
			})
			.map((row) => [row]),
		ingredientLines: list((id) =>
			fc.record({
				id: fc.constant(id),
				dishId: fc.constant(7),
				position: fc.nat(80),
				text: name,
				quantity: fc.option(share, { nil: null }),
				quantityTo: fc.option(share, { nil: null }),
				unit: fc.constantFrom(null, 'g', 'cup'),
				item: name,
				itemName: fc.option(name, { nil: null }),
				cut: name,
				form: fc.constantFrom(null, 'canned'),
				optional: fc.boolean(),
				alternatives: fc.array(name, { maxLength: 2 }),
				doubts: fc.subarray(['unknown', 'perhaps', 'amount', 'weight'] as const),
				stage: fc.constant('pack'),
				understood: fc.constantFrom('full' as const, 'item' as const, 'text' as const)
			})
		),
		coolingRuns: fc
			.record({
				id: fc.constant(3),
				dishId: fc.constantFrom(7, null),
				name,
				vessel: fc.constant('pot' as const),
				place: fc.constant('counter' as const),
				volumeL: share,
				depthM: share,
				input: json,
				forecast: json,
				startedAtMs: ms,
				endedAtMs: gone,
				dayId: fc.constant(null),
				probe: fc.option(name, { nil: null }),
				reheatOfId: fc.constant(null),
				decisions: fc.array(json, { maxLength: 2 })
			})
			.map((row) => [row]),
		coolingReadings: list((id) =>
			fc.record({
				id: fc.constant(id),
				runId: fc.constant(3),
				atMs: ms,
				tempC: fc.double({ min: -30, max: 110, noNaN: true }),
				source: fc.constantFrom('hand' as const, 'file' as const, 'probe' as const),
				removed: fc.boolean()
			})
		),
		packings: fc
			.record({
				id: fc.constant(5),
				dishId: fc.constantFrom(7, null),
				name: fc.option(name, { nil: null }),
				itemName: fc.option(name, { nil: null }),
				coolingRunId: fc.constantFrom(3, null),
				dayId: fc.constantFrom(1, null),
				packedOn: fc.constant('2026-11-24'),
				dayKnown: fc.constantFrom('day' as const, 'about' as const, 'unknown' as const),
				boughtOn: fc.constantFrom('2026-11-20', null),
				cookedOn: fc.constantFrom('2026-11-22', null),
				thawedBefore: fc.boolean(),
				allergensKnown: fc.boolean(),
				servings: fc.nat(9),
				servingCents: fc.option(share, { nil: null }),
				container: fc.constant('bag-1l'),
				massKg: share,
				lengthM: share,
				widthM: share,
				thicknessM: share,
				state: fc.constant('cooked' as const),
				content: fc.constant('plain' as const),
				core: fc.constant('plain'),
				coreC: share,
				allergens: fc.array(name, { maxLength: 3 }),
				nutrition: fc.option(json, { nil: null }),
				pieces: fc.constantFrom({ count: 12, name: 'patties' }, null),
				storage: json,
				card: fc.option(json, { nil: null }),
				cardInput: fc.option(json, { nil: null })
			})
			.map((row) => [row]),
		packs: list((id) =>
			fc.record({
				id: fc.constant(id),
				code: fc.constant(`CODE${id}`),
				packingId: fc.constant(5),
				number: fc.constant(id),
				of: fc.constant(4),
				shelfId: fc.constant(1),
				status: fc.constantFrom('frozen' as const, 'thawing' as const, 'discarded' as const),
				part01: fc.double({ min: 0, max: 1, noNaN: true }),
				massKg: fc.option(share, { nil: null }),
				frozenAtMs: gone,
				pulledAtMs: gone,
				thawPlace: fc.constantFrom('cold-water' as const, null),
				bestBy: fc.constantFrom('2027-01-24', null),
				lostDays: fc.nat(9),
				splitFrom: fc.constantFrom('CODE1', null),
				cookedAtMs: gone,
				reason: fc.option(name, { nil: null }),
				assumed: fc.option(json, { nil: null }),
				version: fc.nat(9)
			})
		),
		packEvents: list((id) =>
			fc.record({
				id: fc.constant(id),
				packId: fc.constant(1),
				atMs: ms,
				kind: fc.constantFrom('frozen', 'moved', 'pulled'),
				detail: name
			})
		),
		freezerReadings: list((id) =>
			fc.record({
				id: fc.constant(id),
				freezerId: fc.constant(1),
				// a freezer has one reading at a moment
				atMs: fc.constant(1_700_000_000_000 + id * 60_000).map((atMs) => atMs + id),
				tempC: fc.double({ min: -40, max: 20, noNaN: true }),
				source: fc.constantFrom('hand' as const, 'file' as const)
			})
		),
		containerStock: list((id) =>
			fc.record({
				id: fc.constant(id),
				container: fc.constant(`box ${id}`),
				owned: fc.nat(99)
			})
		),
		cooks: list((id) =>
			fc.record({
				id: fc.constant(id),
				packId: fc.constant(1),
				atMs: ms,
				method: json,
				route: fc.constant('frozen'),
				setMin: fc.double({ min: 0, max: 2880, noNaN: true }),
				coreC: fc.option(share, { nil: null }),
				outcome: fc.constantFrom('under' as const, 'right' as const, null),
				enough: fc.constantFrom('enough' as const, 'too-much' as const, null),
				forecastMin: fc.option(share, { nil: null }),
				withAppliance: fc.constantFrom('{}', null),
				note: name
			})
		),
		cookSheets: fc
			.record({
				id: fc.constant(4),
				codes: fc.array(name, { maxLength: 2 }),
				facts: json,
				plan: json,
				convert: json,
				ticks: json,
				readings: fc.array(json, { maxLength: 2 }),
				token: name,
				startedAtMs: ms,
				endedAtMs: gone,
				ended: fc.constantFrom('served' as const, 'left' as const, null),
				version: fc.integer({ min: 1, max: 99 })
			})
			.map((row) => [row]),
		leftovers: list((id) =>
			fc.record({
				id: fc.constant(id),
				name,
				codes: fc.array(name, { maxLength: 2 }),
				servings: fc.double({ min: 0.5, max: 99, noNaN: true }),
				storedAtMs: ms,
				eatBy: fc.constant('2026-11-29'),
				endedAtMs: gone,
				ended: fc.constantFrom('eaten' as const, 'thrown' as const, 'frozen' as const, null)
			})
		),
		plannedMeals: list((id) =>
			fc.record({
				id: fc.constant(id),
				uid: fc.constant(`meal-${id}`),
				onDay: fc.constant('2026-11-30'),
				serveAt: fc.constant('18:30'),
				kind: fc.constantFrom('packs' as const, 'leftovers' as const, 'note' as const),
				codes: fc.array(name, { maxLength: 2 }),
				name,
				eaters: fc.integer({ min: 1, max: 100 }),
				way: fc.option(json, { nil: null }),
				createdAtMs: ms,
				version: fc.integer({ min: 1, max: 99 })
			})
		),
		packingDays: list((id) =>
			fc.record({
				id: fc.constant(id),
				onDay: fc.constant('2026-11-28'),
				createdAtMs: ms,
				removedAtMs: gone,
				run: fc.option(json, { nil: null })
			})
		),
		dayEvents: fc
			.record({
				id: fc.constant(1),
				uid: fc.constant('e1'),
				dayId: fc.constant(1),
				kind: fc.constantFrom('begin' as const, 'late' as const),
				key: name,
				value: fc.option(share, { nil: null }),
				atMs: ms
			})
			.map((row) => [row]),
		dayDishes: fc
			.record({
				id: fc.constant(1),
				dayId: fc.constant(1),
				dishId: fc.constant(7),
				position: fc.nat(9),
				batches: fc.integer({ min: 1, max: 20 }),
				portions: fc.array(json, { maxLength: 2 })
			})
			.map((row) => [row]),
		prices: list((id) =>
			fc.record({
				id: fc.constant(id),
				itemName: name,
				label: name,
				sizeKg: fc.double({ min: 0.001, max: 30, noNaN: true }),
				priceCents: fc.nat(99_999),
				shop: name,
				onDay: fc.constantFrom('2026-01-02', null)
			})
		),
		stock: list((id) =>
			fc.record({ id: fc.constant(id), itemName: fc.constant(`item ${id}`), massKg: share })
		),
		shopMarks: list((id) =>
			fc.record({
				id: fc.constant(id),
				dayId: fc.constant(1),
				key: fc.constant(`line ${id}`),
				ticked: fc.boolean(),
				paidCents: fc.option(fc.nat(9999), { nil: null }),
				comes: fc.option(name, { nil: null }),
				atMs: ms
			})
		),
		dishNotes: list((id) =>
			fc.record({ id: fc.constant(id), dishId: fc.constant(7), atMs: ms, text: name })
		),
		dishVersions: list((id) =>
			fc.record({ id: fc.constant(id), dishId: fc.constant(7), atMs: ms, content: json })
		),
		dishPictures: list(
			(id) =>
				fc.record({
					id: fc.constant(id),
					dishId: fc.constant(7),
					jpeg: fc.base64String({ maxLength: 40 }),
					atMs: ms
				}),
			1
		)
	}) as unknown as fc.Arbitrary<Backup['tables']>
});

/** One of them, as a file would give it. */
const someBackup = () => JSON.parse(JSON.stringify(fc.sample(backup, 1)[0])) as Backup;

describe('export of everything, read back', () => {
	let client: TestClient;
	let db: Db;
	before(async () => {
		({ db, client } = await openTestDb());
	});
	after(() => client.close());

	it('gives the same data, for any household (property)', async () => {
		let highest = 0;
		await fc.assert(
			fc.asyncProperty(backup, async (wanted) => {
				const read = readBackup(backupText(wanted));
				assert.ok(read.ok, read.ok ? '' : read.message);
				await importAll(db, read.backup);
				const again = await exportAll(db, wanted.exportedAtMs);
				highest = Math.max(highest, wanted.lastSerial);
				assert.deepEqual(again.tables, JSON.parse(JSON.stringify(wanted.tables)));
				assert.equal(again.lastSerial, highest, 'pack numbers never go back');
			}),
			{ numRuns: 25 }
		);
	});

	it('a file of version 1, before ovens were kept, is read with a usual oven', () => {
		const today = someBackup();
		const household = today.tables.household.map(({ oven: _oven, ...row }) => row);
		const old = { ...today, version: 1, tables: { ...today.tables, household } };
		const read = readBackup(JSON.stringify(old));
		assert.ok(read.ok && read.backup.version === backupVersion);
		assert.deepEqual(read.backup.tables.household[0].oven, {});
	});

	it('a file of version 4 is read with the best-by its packings hold', () => {
		const today = someBackup();
		const packings = today.tables.packings.map((row) => ({
			...row,
			storage: { bestBy: '2027-05-06' }
		}));
		const packs = today.tables.packs.map(({ bestBy: _, part01: __, ...row }) => row);
		const old = { ...today, version: 4, tables: { ...today.tables, packings, packs } };
		const read = readBackup(JSON.stringify(old));
		assert.ok(read.ok, read.ok ? '' : read.message);
		for (const pack of read.backup.tables.packs)
			assert.deepEqual([pack.bestBy, pack.part01], ['2027-05-06', 1]);
	});

	it('new rows after reading back get numbers of their own', async () => {
		const wanted = someBackup();
		await importAll(db, wanted);
		const { rows } = await client.query<{ id: number }>(
			`insert into freezers (name, volume_l) values ('new', 5) returning id`
		);
		assert.equal(rows[0].id, 2);
	});

	it('a damaged, foreign or newer file changes nothing and says why', async () => {
		const wanted = someBackup();
		await importAll(db, wanted);
		const before = await exportAll(db, 0);
		for (const [file, message] of [
			['{', /not JSON/],
			['{"format":"other"}', /not exported from here/],
			[backupText({ ...wanted, version: backupVersion + 1 }), /newer than this application reads/],
			[
				backupText({ ...wanted, tables: { ...wanted.tables, packs: [{ id: 'one' }] as never } }),
				/damaged at tables\.packs\[0\]/
			]
		] as const) {
			const read = readBackup(file);
			assert.ok(!read.ok && message.test(read.message), read.ok ? 'was read' : read.message);
		}
		const orphan = { ...wanted, tables: { ...wanted.tables, dishes: [] } };
		await assert.rejects(
			importAll(db, orphan),
			'a file whose rows do not hang together is refused whole'
		);
		assert.deepEqual(await exportAll(db, 0), before);
	});
});
