import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { it } from 'node:test';
import { parse, type AST } from 'svelte/compiler';
import * as en from './en/index.ts';
import { count, packs, plural } from './count.ts';

const screens = ['src/routes', 'src/lib/ui'].flatMap((folder) =>
	readdirSync(folder, { recursive: true, encoding: 'utf8' })
		.filter((name) => name.endsWith('.svelte'))
		.map((name) => join(folder, name))
);
const isWords = (text: unknown): text is string =>
	typeof text === 'string' && /[a-z]{3,} [a-z]{2,}/i.test(text);

type Node = AST.BaseNode & Record<string, unknown>;

/** Texts that stand in a screen's markup itself, in text or in an expression; names of keys and files are not words. */
function ownTexts(node: unknown, found: string[] = [], inExpression = false): string[] {
	if (Array.isArray(node)) for (const child of node) ownTexts(child, found, inExpression);
	else if (node && typeof node === 'object') {
		const { type, name, data, value } = node as Node;
		if (
			type === 'Attribute' &&
			!['label', 'text', 'title', 'hint', 'aria-label'].includes(String(name))
		)
			return found;
		if (['code', 'kbd', 'style'].includes(String(name))) return found;
		if (type === 'Text' && /[a-z]{3}/i.test(String(data ?? ''))) found.push(String(data).trim());
		if (type === 'Literal' && inExpression && isWords(value)) found.push(value);
		if (type === 'TemplateElement' && inExpression) {
			const { raw } = value as { raw: string };
			if (isWords(raw)) found.push(raw);
		}
		const within = inExpression || type === 'ExpressionTag';
		for (const [key, child] of Object.entries(node))
			if (key !== 'parent') ownTexts(child, found, within);
	}
	return found;
}

it('the screens take their words from here, so that a second language has one place to go', () => {
	const found = screens.flatMap((file) =>
		ownTexts(parse(readFileSync(file, 'utf8'), { modern: true }).fragment).map(
			(text) => `${file}: ${text}`
		)
	);
	assert.deepEqual(found, []);
});

/** A message with the same number for everything it shows. */
const said = (message: unknown, shown: number): string[] => {
	if (typeof message === 'function') {
		// every name a message asks for is there
		const anything = new Proxy({}, { get: () => shown });
		return [String((message as (shown: object) => unknown)(anything))];
	}
	if (message && typeof message === 'object')
		return Object.values(message).flatMap((inner) => said(inner, shown));
	return [String(message)];
};

it('no message ends in a blank, says undefined, or counts one as many', () => {
	for (const [part, messages] of Object.entries(en))
		for (const [key, message] of Object.entries(messages))
			for (const n of [0, 1, 2])
				for (const text of said(message, n)) {
					const where = `${part}.${key}: ${text}`;
					assert.ok(!text.includes('undefined') && !text.endsWith(' '), where);
					assert.doesNotMatch(
						text,
						/(?<![\d.,–])1 (packs|servings|lines|labels|days|weeks|hours|readings|sheets|recipes|dishes|things)\b/,
						where
					);
				}
});

it('a number and its word agree (CLDR plural rules of English)', () => {
	assert.deepEqual([0, 1, 1.5, 2].map(packs), ['0 packs', '1 pack', '1.5 packs', '2 packs']);
	assert.equal(plural(1, { one: 'is', other: 'are' }), 'is');
	assert.equal(count(3, { one: 'tick waits', other: 'ticks wait' }), '3 ticks wait');
});
