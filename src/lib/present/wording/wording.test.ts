import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { it } from 'node:test';
import { parse, type AST } from 'svelte/compiler';
import { en } from './en/index.ts';

const screens = ['src/routes', 'src/lib/ui'].flatMap((folder) =>
	readdirSync(folder, { recursive: true, encoding: 'utf8' })
		.filter((name) => name.endsWith('.svelte'))
		.map((name) => join(folder, name))
);

/** Texts that stand in a screen's markup itself; names of keys and files are not words. */
function ownTexts(node: unknown, found: string[] = []): string[] {
	if (Array.isArray(node)) for (const child of node) ownTexts(child, found);
	else if (node && typeof node === 'object') {
		const { type, name, data } = node as AST.BaseNode & { name?: string; data?: string };
		if (type === 'Attribute' || (name && ['code', 'kbd', 'style'].includes(name))) return found;
		if (type === 'Text' && data && /[a-z]{3}/i.test(data)) found.push(data.trim());
		for (const [key, child] of Object.entries(node)) if (key !== 'parent') ownTexts(child, found);
	}
	return found;
}

it('the screens take their words from here, so that a second language has one place to go', () => {
	for (const file of screens) {
		const { fragment } = parse(readFileSync(file, 'utf8'), { modern: true });
		assert.deepEqual(ownTexts(fragment), [], file);
	}
});

it('no message is empty or ends in a blank, and none says undefined', () => {
	for (const [part, messages] of Object.entries(en))
		for (const [key, message] of Object.entries(messages)) {
			const text =
				typeof message === 'function'
					? (message as (...shown: string[]) => string)('1', '2', '3', '4', '5', '6')
					: String(message);
			assert.ok(text.trim().length > 0 && !text.includes('undefined'), `${part}.${key}: ${text}`);
		}
});
