import assert from 'node:assert/strict';
import { readFileSync, writeFileSync } from 'node:fs';
import { it } from 'node:test';
import { practice, type PracticeDish, type PracticeFact } from '../../fixtures/practice.ts';
import type { Shape } from '../../heat/shape.ts';
import { convertCook } from './convert-cook.ts';
import type { Method } from '../../appliances/index.ts';

/** Where the table lives; `WRITE_DOCS=1` writes it anew. */
const page = new URL('../../../../../docs/practice.md', import.meta.url);
const marks = ['<!-- prettier-ignore-start -->', '<!-- prettier-ignore-end -->'] as const;

function checked(row: PracticeDish, fact: PracticeFact) {
	const { options } = convertCook({
		coreC: 73.9,
		known: null,
		kitchen: { altitudeM: 0, roomC: 21 },
		...row.load,
		methods: [fact.method]
	});
	const option = options.find((o) => o.state === row.state);
	const likely = (option?.setMin ?? option?.computedMin)?.likely ?? NaN;
	const until = option?.goodUntilMin ?? null;
	const inBand = likely >= fact.from * 0.85 && likely <= fact.to * 1.15;
	const covers =
		fact.method.appliance === 'slow-cooker' &&
		likely <= fact.from &&
		until !== null &&
		until >= fact.to;
	return { row, fact, likely, until, agrees: inBand || covers };
}

const lines = practice.flatMap((row) => row.facts.map((fact) => checked(row, fact)));

const cm = (m: number) => String(Math.round(m * 1000) / 10);
function sizeOf(shape: Shape): string {
	assert.equal(shape.kind, 'brick');
	if (shape.kind !== 'brick') return '';
	return [shape.lengthM, shape.widthM, shape.heightM].map(cm).join(' × ') + ' cm';
}
function loadText({ load, state }: PracticeDish): string {
	const pieces = state === 'thawed' && load.thawed;
	const loose = state === 'thawed' && !pieces;
	const size = pieces ? `${pieces.count} × ${sizeOf(pieces.shape)}` : sizeOf(load.block);
	const liquid = load.liquidKg > 0 ? `, ${load.liquidKg} kg liquid` : '';
	return `${load.massKg} kg ${state}, ${loose ? 'loose' : size}${liquid}`;
}
function methodText(method: Method): string {
	switch (method.appliance) {
		case 'slow-cooker':
			return `slow cooker, ${method.setting}`;
		case 'pressure-cooker':
			return 'pressure cooker';
		case 'oven':
			return `oven, ${method.ovenC} °C ${method.covered ? 'covered' : 'open'}`;
		case 'hob':
			return `hob, ${method.level}`;
		case 'microwave':
			return `microwave, ${method.powerW} W`;
		case 'fan-oven':
			return `small fan oven, ${method.ovenC} °C`;
		case 'water-bath':
			return `water bath, ${method.bathC} °C`;
		case 'steamer':
		case 'grill':
			return method.appliance;
	}
}
const minutes = (from: number, to: number) => (from === to ? `${from}` : `${from}–${to}`);

function table(): string {
	const rows = lines.map(({ row, fact, likely, until, agrees }) =>
		[
			row.dish,
			loadText(row),
			methodText(fact.method),
			minutes(fact.from, fact.to),
			Math.round(likely),
			until === null ? '' : `until ${Math.round(until)}`,
			agrees ? 'yes' : `no: ${fact.miss}`
		].join(' | ')
	);
	const agreeing = lines.filter((l) => l.agrees).length;
	return [
		'| Dish | Load | In | Cooks say, min | Likely, min | Still good | Agrees |',
		'| --- | --- | --- | --- | --- | --- | --- |',
		...rows.map((r) => `| ${r} |`),
		'',
		`${agreeing} of ${lines.length} agree.`
	].join('\n');
}

it('85 % of the usual times of home cooks agree, from one set of parameters by family of heat (common practice, no source)', () => {
	const agreeing = lines.filter((l) => l.agrees).length;
	assert.ok(agreeing >= 0.85 * lines.length, `${agreeing} of ${lines.length}\n${table()}`);
});

it('each that does not agree is explained, and none that does is excused', () => {
	for (const { row, fact, agrees } of lines)
		assert.equal(fact.miss === undefined, agrees, `${row.dish}, ${methodText(fact.method)}`);
});

it('the table in docs/practice.md is the one computed here', () => {
	const text = readFileSync(page, 'utf8');
	const [from, to] = [text.indexOf(marks[0]) + marks[0].length, text.indexOf(marks[1])];
	if (process.env.WRITE_DOCS)
		writeFileSync(page, `${text.slice(0, from)}\n\n${table()}\n\n${text.slice(to)}`);
	else assert.equal(text.slice(from, to).trim(), table());
});
