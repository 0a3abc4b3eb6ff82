import { defineConfig } from 'vite';

/** Bundles what runs in Node beside the built handler: the entry, and what the server runs in worker threads. */
export default defineConfig({
	build: {
		ssr: true,
		outDir: 'build/node',
		emptyOutDir: true,
		target: 'node20',
		rollupOptions: {
			input: {
				entry: 'src/entry.ts',
				prove: 'src/prove.ts',
				'core-jobs': 'src/lib/workers/core-jobs.worker.ts',
				'check-copy': 'src/lib/server/copies/check-copy.worker.ts',
				archive: 'src/lib/server/copies/archive.worker.ts',
				reading: 'src/lib/server/reading/reading.worker.ts'
			},
			output: { entryFileNames: '[name].js' }
		}
	}
});
