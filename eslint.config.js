import { fileURLToPath } from 'node:url';
import { includeIgnoreFile } from '@eslint/compat';
import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import { defineConfig } from 'eslint/config';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

export default defineConfig(
	includeIgnoreFile(fileURLToPath(new URL('./.gitignore', import.meta.url))),
	js.configs.recommended,
	ts.configs.recommended,
	svelte.configs.recommended,
	prettier,
	svelte.configs.prettier,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			// links are plain paths: the application is served from the root
			'svelte/no-navigation-without-resolve': 'off',
			'@typescript-eslint/no-unused-vars': [
				'error',
				{ argsIgnorePattern: '^_', varsIgnorePattern: '^_' }
			]
		}
	},
	{
		// with types: a promise nobody waits for loses its error, a switch that forgets a case answers nothing
		files: ['**/*.ts', '**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: { projectService: true, extraFileExtensions: ['.svelte'] }
		},
		rules: {
			'@typescript-eslint/no-floating-promises': [
				'error',
				// node:test's own way: a test file registers, the runner waits
				{
					allowForKnownSafeCalls: [
						{
							from: 'package',
							name: ['it', 'describe', 'test', 'before', 'after'],
							package: 'node:test'
						}
					]
				}
			],
			'@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
			'@typescript-eslint/switch-exhaustiveness-check': [
				'error',
				{ considerDefaultExhaustiveForUnions: false }
			]
		}
	},
	{ files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: {
				projectService: true,
				extraFileExtensions: ['.svelte'],
				parser: ts.parser,
				svelteConfig
			}
		}
	},
	{
		// the core has no clock and no randomness that is not passed in
		files: ['src/lib/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'no-restricted-properties': [
				'error',
				{ object: 'Date', property: 'now', message: 'Pass the time in.' },
				{ object: 'Math', property: 'random', message: 'Pass the randomness in.' }
			],
			'no-restricted-syntax': [
				'error',
				{
					selector: "NewExpression[callee.name='Date'][arguments.length=0]",
					message: 'Pass the time in.'
				}
			]
		}
	}
);
