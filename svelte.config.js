import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
const config = {
	preprocess: vitePreprocess(),
	kit: {
		adapter: adapter({ precompress: true }),
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
