import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
const config = {
	preprocess: vitePreprocess(),
	kit: {
		adapter: adapter({ precompress: true }),
		// a page runs its own scripts and nothing else; nobody puts it into a frame of theirs
		csp: {
			mode: 'nonce',
			directives: {
				'default-src': ['self'],
				// the reader of labels is WebAssembly
				'script-src': ['self', 'wasm-unsafe-eval'],
				'style-src': ['self'],
				// positions in pictures are styles of their elements
				'style-src-attr': ['unsafe-inline'],
				'img-src': ['self', 'data:', 'blob:'],
				'media-src': ['self', 'data:', 'blob:'],
				'worker-src': ['self', 'blob:'],
				'connect-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
		typescript: {
			config: (c) => ({
				...c,
				// the service worker is checked with the rest: it says itself that it runs as a worker
				exclude: c.exclude.filter((path) => !path.includes('service-worker')),
				include: [
					...c.include,
					'../drizzle.config.ts',
					'../playwright.config.ts',
					'../vite.node.config.ts',
					'../e2e/**/*.ts',
					'../bench/**/*.ts',
					'../scripts/**/*.ts'
				]
			})
		}
	}
};
export default config;
